import { HEIGHT, picture, WIDTH } from '@/features/findings/lib/picture';
import type { FindingProps, PointProps } from '@/types/props';

/** The pattern drawn on the exaggerated frame: thin the chart, thick as it is, arrows where it went. */
export function FindingPicture({ finding, points }: { finding: FindingProps; points: PointProps[] }) {
    const drawn = picture(finding, points);
    if (!drawn) return null;
    return (
        <figure className="shrink-0 bg-dye text-dye-ink">
            <svg
                viewBox={`0 0 ${WIDTH} ${HEIGHT + 16}`}
                width={WIDTH}
                height={HEIGHT + 16}
                role="img"
                aria-label={`${finding.pattern} of the ${finding.section}, ${drawn.view}, enlarged`}
            >
                {drawn.lines.map((line) => (
                    <g key={line.side} fill="none">
                        <polyline points={line.chart} stroke="var(--scribe)" strokeWidth={0.8} />
                        <polyline
                            points={line.measured}
                            stroke="var(--dye-ink)"
                            strokeWidth={1.8}
                            strokeDasharray={line.side === 'right' && drawn.view === 'from the left' ? '5 3' : undefined}
                        />
                    </g>
                ))}
                {drawn.arrows.map((arrow, i) => (
                    <Arrow key={i} {...arrow} />
                ))}
                <text x={8} y={HEIGHT + 9} fontSize={11} fill="var(--dye-soft)">
                    {drawn.view}, × {drawn.factor}
                </text>
            </svg>
        </figure>
    );
}

function Arrow({ x1, y1, x2, y2 }: { x1: number; y1: number; x2: number; y2: number }) {
    const length = Math.hypot(x2 - x1, y2 - y1);
    if (length < 2) return null;
    const [ux, uy] = [(x2 - x1) / length, (y2 - y1) / length];
    const [bx, by] = [x2 - 5 * ux, y2 - 5 * uy];
    return (
        <g stroke="var(--now)" fill="var(--now)">
            <path d={`M${x1} ${y1}L${bx} ${by}`} strokeWidth={2} />
            <path d={`M${x2} ${y2}L${bx - 3.5 * uy} ${by + 3.5 * ux}L${bx + 3.5 * uy} ${by - 3.5 * ux}Z`} stroke="none" />
        </g>
    );
}
