/** The four points from above, front to the left, racked the way the diagonals say; which diagonal is which is written on it. */
export function PanelSketch({ result }: { result: Record<string, unknown> | null }) {
    const rack = typeof result?.rack === 'number' ? result.rack : 0;
    const s = Math.sign(rack) * Math.min(26, Math.abs(rack) * 2);
    const [fl, rl, fr, rr] = [
        [60 - s / 2, 170],
        [340 - s / 2, 170],
        [60 + s / 2, 50],
        [340 + s / 2, 50],
    ] as const;
    return (
        <svg viewBox="0 0 400 220" className="block w-full bg-dye" role="img" aria-label="Four points from above, front to the left">
            <g stroke="var(--scribe)" strokeWidth={0.8} fill="none">
                <rect x={60} y={50} width={280} height={120} />
            </g>
            <g stroke="var(--dye-ink)" strokeWidth={2.4}>
                <path d={`M${fl[0]} ${fl[1]}L${rl[0]} ${rl[1]}M${fr[0]} ${fr[1]}L${rr[0]} ${rr[1]}`} />
            </g>
            <g stroke="var(--now)" strokeWidth={1.6}>
                <path d={`M${fl[0]} ${fl[1]}L${rr[0]} ${rr[1]}`} />
                <path d={`M${fr[0]} ${fr[1]}L${rl[0]} ${rl[1]}`} strokeDasharray="6 4" />
            </g>
            <g fill="var(--dye-soft)" fontSize={14} fontFamily="var(--font-head)">
                <text x={14} y={30}>
                    front
                </text>
                <text x={356} y={30} textAnchor="middle">
                    rear
                </text>
                <text x={200} y={40} textAnchor="middle">
                    right rail
                </text>
                <text x={200} y={194} textAnchor="middle">
                    left rail
                </text>
                <text x={14} y={212} fill="var(--now)">
                    — left front to right rear
                </text>
                <text x={386} y={212} textAnchor="end" fill="var(--now)">
                    - - right front to left rear
                </text>
            </g>
        </svg>
    );
}
