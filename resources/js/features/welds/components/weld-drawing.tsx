import type { WeldPieceProps } from '@/types/props';

const PAD = 60;

/** Each rail from the outside with its weld pieces as arrows, numbered in the order they are welded; the flanges are laid out above and below. */
export function WeldDrawing({ pieces }: { pieces: WeldPieceProps[] }) {
    const rails = [
        { label: 'left rail', pieces: pieces.filter((piece) => (piece.from[1] ?? 0) < 0) },
        { label: 'right rail', pieces: pieces.filter((piece) => (piece.from[1] ?? 0) >= 0) },
    ];
    return (
        <div className="grid gap-4 lg:grid-cols-2">
            {rails.map((rail) => (
                <Rail key={rail.label} {...rail} />
            ))}
        </div>
    );
}

function Rail({ label, pieces }: { label: string; pieces: WeldPieceProps[] }) {
    if (pieces.length === 0) return null;
    const at = (place: number[]) => [place[0] ?? 0, place[1] ?? 0, place[2] ?? 0] as const;
    const web = Math.max(...pieces.flatMap((piece) => [Math.abs(at(piece.from)[1]), Math.abs(at(piece.to)[1])]));
    // A flange is folded out by how far it lies from the web.
    const flat = (place: number[]): [number, number] => {
        const [x, y, z] = at(place);
        return [x, -(z + Math.sign(z || 1) * (web - Math.abs(y)))];
    };
    const ends = pieces.flatMap((piece) => [flat(piece.from), flat(piece.to)]);
    const [x0, x1] = [Math.min(...ends.map(([x]) => x)) - PAD, Math.max(...ends.map(([x]) => x)) + PAD];
    const [y0, y1] = [Math.min(...ends.map(([, y]) => y)) - PAD, Math.max(...ends.map(([, y]) => y)) + PAD];
    const size = Math.max(x1 - x0, 1.6 * (y1 - y0)) / 42;
    return (
        <figure className="border border-line">
            <svg
                viewBox={`${x0} ${y0} ${x1 - x0} ${y1 - y0}`}
                className="h-auto max-h-[360px] w-full"
                role="img"
                aria-label={`${label}: ${pieces.length} pieces in their order`}
            >
                <defs>
                    <marker
                        id={`tip-${label.slice(0, 4)}`}
                        viewBox="0 0 6 6"
                        refX="5"
                        refY="3"
                        markerWidth="5"
                        markerHeight="5"
                        orient="auto"
                    >
                        <path d="M0 0 6 3 0 6z" className="fill-ink" />
                    </marker>
                </defs>
                {pieces.map((piece) => {
                    const [[ax, ay], [bx, by]] = [flat(piece.from), flat(piece.to)];
                    const isUpright = Math.abs(bx - ax) < Math.abs(by - ay);
                    return (
                        <g key={piece.number}>
                            <line
                                x1={ax}
                                y1={ay}
                                x2={bx}
                                y2={by}
                                className="stroke-ink"
                                strokeWidth={size / 5}
                                strokeDasharray={piece.position === 'overhead' ? `${size / 2} ${size / 3}` : undefined}
                                markerEnd={`url(#tip-${label.slice(0, 4)})`}
                            />
                            <text
                                x={(ax + bx) / 2 + (isUpright ? size * 0.6 : 0)}
                                y={(ay + by) / 2 + (isUpright ? size / 3 : -size / 2)}
                                textAnchor={isUpright ? 'start' : 'middle'}
                                fontSize={size}
                                className="fill-ink font-medium"
                            >
                                {piece.number}
                            </text>
                        </g>
                    );
                })}
            </svg>
            <figcaption className="border-t border-line px-3 py-1 text-sm text-soft">
                {label}, from outside, flanges folded out; dashed: overhead as it stands
            </figcaption>
        </figure>
    );
}
