/** Four corners on posts, seen from behind and above; the twist lifts two of them. */
export function CornersSketch({ result }: { result: Record<string, unknown> | null }) {
    const twist = typeof result?.difference === 'number' ? Math.max(-28, Math.min(28, result.difference * 2)) : 0;
    const corners = [
        { name: 'FL', x: 120, y: 60 + twist / 2, foot: 130 },
        { name: 'FR', x: 330, y: 60 - twist / 2, foot: 130 },
        { name: 'RL', x: 70, y: 120 - twist / 2, foot: 200 },
        { name: 'RR', x: 280, y: 120 + twist / 2, foot: 200 },
    ] as const;
    const [fl, fr, rl, rr] = corners;
    return (
        <svg viewBox="0 0 400 220" className="block w-full bg-dye" role="img" aria-label="Four corners on supports, front away from you">
            <g stroke="var(--scribe)" strokeWidth={1.2}>
                {corners.map((one) => (
                    <path key={one.name} d={`M${one.x} ${one.y}L${one.x} ${one.foot}M${one.x - 10} ${one.foot}h20`} />
                ))}
            </g>
            <path
                d={`M${fl.x} ${fl.y}L${rl.x} ${rl.y}L${rr.x} ${rr.y}L${fr.x} ${fr.y}Z`}
                stroke="var(--dye-ink)"
                strokeWidth={2.4}
                fill="none"
            />
            <g fill="var(--dye-ink)" fontSize={15}>
                {corners.map((one) => (
                    <text
                        key={one.name}
                        x={one.name.endsWith('L') ? one.x - 8 : one.x + 8}
                        y={one.y - 6}
                        textAnchor={one.name.endsWith('L') ? 'end' : 'start'}
                    >
                        {one.name}
                    </text>
                ))}
            </g>
        </svg>
    );
}
