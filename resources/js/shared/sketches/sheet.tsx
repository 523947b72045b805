import type { ReactNode } from 'react';

/** The blue sheet that a tool's small drawing stands on. */
export function Sheet({ label, children }: { label: string; children: ReactNode }) {
    return (
        <svg viewBox="0 0 400 220" className="block w-full bg-dye" role="img" aria-label={label}>
            {children}
        </svg>
    );
}

/** Outline of what is made of steel. */
export function Steel({ d }: { d: string }) {
    return <path d={d} stroke="var(--dye-ink)" strokeWidth={2.4} fill="none" strokeLinejoin="round" />;
}

/** A thin line: ground, axis, what is thought of. */
export function Scribed({ d }: { d: string }) {
    return <path d={d} stroke="var(--scribe)" strokeWidth={1.2} fill="none" />;
}

/** What the tool is about: a cut, a load, a new part. */
export function Marked({ d, dashed = false }: { d: string; dashed?: boolean }) {
    return <path d={d} stroke="var(--now)" strokeWidth={2} fill="none" strokeDasharray={dashed ? '6 4' : undefined} />;
}

interface Label {
    at: [number, number];
    children: ReactNode;
    anchor?: 'start' | 'middle' | 'end';
    marked?: boolean;
}

export function Label({ at, children, anchor = 'middle', marked = false }: Label) {
    return (
        <text
            x={at[0]}
            y={at[1]}
            textAnchor={anchor}
            fill={marked ? 'var(--now)' : 'var(--dye-soft)'}
            fontSize={14}
            fontFamily="var(--font-head)"
        >
            {children}
        </text>
    );
}

/** A length between two places on a level line, with its name above. */
export function Across({ from, to, y, children }: { from: number; to: number; y: number; children: ReactNode }) {
    return (
        <>
            <Scribed d={`M${from} ${y}H${to}M${from} ${y - 5}v10M${to} ${y - 5}v10`} />
            <Label at={[(from + to) / 2, y - 7]}>{children}</Label>
        </>
    );
}

/** A length between two heights, with its name beside. */
export function Upright({ from, to, x, children }: { from: number; to: number; x: number; children: ReactNode }) {
    return (
        <>
            <Scribed d={`M${x} ${from}V${to}M${x - 5} ${from}h10M${x - 5} ${to}h10`} />
            <Label at={[x + 9, (from + to) / 2 + 5]} anchor="start">
                {children}
            </Label>
        </>
    );
}
