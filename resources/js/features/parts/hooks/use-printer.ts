import { useState } from 'react';

const KEY = 'geodex.printer';

interface Bars {
    across: string;
    up: string;
}

function stored(): Bars {
    try {
        const bars = JSON.parse(localStorage.getItem(KEY) ?? '') as Partial<Bars>;
        return { across: bars.across ?? '', up: bars.up ?? '' };
    } catch {
        return { across: '', up: '' };
    }
}

/** What the long bars of an uncorrected print measured on the printer of this device. */
export function usePrinter() {
    const [bars, set] = useState(stored);
    const setBars = (next: Bars) => {
        set(next);
        localStorage.setItem(KEY, JSON.stringify(next));
    };
    const isMeasured = Number(bars.across) > 0 && Number(bars.up) > 0;
    return {
        bars,
        setBars,
        isMeasured,
        query: isMeasured ? `?across=${encodeURIComponent(bars.across)}&up=${encodeURIComponent(bars.up)}` : '',
    };
}
