import { useSize } from '@/shared/hooks/use-size';
import { useUnits } from '@/shared/hooks/units';
import { formatAngle, formatLength } from '@/shared/lib/format';
import type { ShaftResultProps } from '@/types/props';

const MARGIN = 110;

/** The shaft from the side and from above, in real proportion, with the joint angles written where they are. */
export function ShaftSketch({ shaft, before }: { shaft: ShaftResultProps; before: ShaftResultProps | null }) {
    const { ref, width, height } = useSize<HTMLDivElement>();
    const ride = shaft.states[0];
    return (
        <div className="on-dye relative min-h-0 flex-1 bg-dye text-dye-ink">
            <div ref={ref} className="absolute inset-0 overflow-hidden">
                {width > 0 && ride && (
                    <svg
                        width={width}
                        height={height}
                        role="img"
                        aria-label={`Shaft from the side and from above: front joint ${formatAngle(ride.frontAngle)}, rear joint ${formatAngle(ride.rearAngle)}`}
                        className="block"
                    >
                        <View
                            shaft={shaft}
                            before={before}
                            across={2}
                            title="Left side"
                            more="angles in space"
                            width={width}
                            y={height * 0.3}
                            annotated
                        />
                        <View
                            shaft={shaft}
                            before={before}
                            across={1}
                            title="Plan"
                            more="from above, right up"
                            width={width}
                            y={height * 0.76}
                            annotated={false}
                        />
                    </svg>
                )}
            </div>
        </div>
    );
}

interface ViewProps {
    shaft: ShaftResultProps;
    before: ShaftResultProps | null;
    across: 1 | 2;
    title: string;
    more: string;
    width: number;
    y: number;
    annotated: boolean;
}

function View({ shaft, before, across, title, more, width, y, annotated }: ViewProps) {
    const { unit, denominator } = useUnits();
    const ends = [shaft, ...(before ? [before] : [])].flatMap((one) => [one.front, one.rear]);
    const from = Math.min(...ends.map((end) => end[0] ?? 0));
    const to = Math.max(...ends.map((end) => end[0] ?? 0));
    const middle = ((shaft.front[across] ?? 0) + (shaft.rear[across] ?? 0)) / 2;
    const scale = (width - 2 * MARGIN) / Math.max(500, to - from);
    const place = (joint: number[]) => ({ x: MARGIN + ((joint[0] ?? 0) - from) * scale, y: y - ((joint[across] ?? 0) - middle) * scale });
    const [p, q] = [place(shaft.front), place(shaft.rear)];
    const ride = shaft.states[0];
    const tube = Math.max(4, shaft.tubeOutside * scale);
    return (
        <g>
            <text x={14} y={y - 92} fontFamily="var(--font-head)" fontSize={18} fontWeight={600} fill="var(--dye-ink)">
                {title}
                <tspan dx={9} fontSize={14} fontWeight={500} fill="var(--dye-soft)">
                    {more}
                </tspan>
            </text>
            {before && <Old from={place(before.front)} to={place(before.rear)} />}
            <AxisLine at={p} axis={shaft.frontAxis} across={across} way={-1} />
            <AxisLine at={q} axis={shaft.rearAxis} across={across} way={1} />
            <path d={`M${p.x} ${p.y}L${q.x} ${q.y}`} stroke="var(--dye-ink)" strokeWidth={tube} opacity={0.22} />
            <path d={`M${p.x} ${p.y}L${q.x} ${q.y}`} stroke="var(--dye-ink)" strokeWidth={1.4} />
            {[p, q].map((joint, i) => (
                <g key={i} transform={`translate(${joint.x} ${joint.y})`} stroke="var(--dye-ink)" strokeWidth={2} fill="var(--dye)">
                    <circle r={8} />
                    <path d="M-5 0H5M0-5V5" />
                </g>
            ))}
            {annotated && ride && (
                <g fontSize={20} fontWeight={600} fill="var(--dye-ink)">
                    <text x={p.x} y={p.y - 26} textAnchor="middle">
                        {formatAngle(ride.frontAngle)}
                    </text>
                    <text x={q.x} y={q.y - 26} textAnchor="middle">
                        {formatAngle(ride.rearAngle)}
                    </text>
                    <text x={(p.x + q.x) / 2} y={(p.y + q.y) / 2 - tube / 2 - 12} textAnchor="middle">
                        {formatLength(ride.length, unit, denominator)} {unit}
                    </text>
                </g>
            )}
        </g>
    );
}

function Old({ from, to }: { from: { x: number; y: number }; to: { x: number; y: number } }) {
    return <path d={`M${from.x} ${from.y}L${to.x} ${to.y}`} stroke="var(--scribe)" strokeWidth={1.2} strokeDasharray="4 4" />;
}

function AxisLine({ at, axis, across, way }: { at: { x: number; y: number }; axis: number[]; across: 1 | 2; way: 1 | -1 }) {
    const reach = 92 * way;
    return (
        <path
            d={`M${at.x} ${at.y}l${reach * (axis[0] ?? 1)} ${-reach * (axis[across] ?? 0)}`}
            stroke="var(--scribe)"
            strokeWidth={1.4}
            strokeDasharray="16 4 3 4"
        />
    );
}
