import { createContext, useCallback, useContext, useMemo, useState, type ReactNode } from 'react';
import { usePage } from '@inertiajs/react';
import type { Unit } from '@/shared/lib/format';

interface Units {
    unit: Unit;
    denominator: number;
    setUnit: (unit: Unit) => void;
    toggle: () => void;
}

const Context = createContext<Units>({ unit: 'mm', denominator: 32, setUnit: () => undefined, toggle: () => undefined });

/** The unit that lengths are shown and typed in; it starts as this person's own or the job's, and stays as this person left it. */
export function UnitProvider({
    job,
    units,
    denominator,
    children,
}: {
    job: number;
    units: Unit;
    denominator: number;
    children: ReactNode;
}) {
    const key = `geodex.unit.${job}`;
    const own = usePage().props.user?.unit;
    const [unit, set] = useState<Unit>(() => {
        const stored = sessionStorage.getItem(key);
        return stored === 'mm' || stored === 'in' ? stored : (own ?? units);
    });
    const setUnit = useCallback(
        (next: Unit) => {
            sessionStorage.setItem(key, next);
            set(next);
        },
        [key],
    );
    const value = useMemo(
        () => ({ unit, denominator, setUnit, toggle: () => setUnit(unit === 'mm' ? 'in' : 'mm') }),
        [unit, denominator, setUnit],
    );
    return <Context value={value}>{children}</Context>;
}

/** The unit shown, the fraction of an inch, and how to change between them. */
export function useUnits(): Units {
    return useContext(Context);
}
