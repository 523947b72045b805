import { useEffect, useState } from 'react';
import { chime } from '@/features/run/lib/chime';

/** Seconds that are left from when it is first shown, counted down here; a tone says when it is over. */
export function useCountdown(seconds: number): number {
    const [until] = useState(() => Date.now() + seconds * 1000);
    const [now, setNow] = useState(() => Date.now());
    useEffect(() => {
        if (until <= Date.now()) return;
        const tick = setInterval(() => {
            setNow(Date.now());
            if (Date.now() >= until) {
                clearInterval(tick);
                chime();
            }
        }, 500);
        return () => clearInterval(tick);
    }, [until]);
    return Math.max(0, (until - now) / 1000);
}
