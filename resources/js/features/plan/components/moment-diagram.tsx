import { extent } from 'd3-array';
import { useUnits } from '@/shared/hooks/units';
import { useSize } from '@/shared/hooks/use-size';
import { ticks } from '@/shared/drawing/lib/ticks';
import type { LoadCaseProps, LoadedProps } from '@/types/props';

interface Props {
    before: LoadedProps;
    after: LoadedProps | null;
    chosen: string;
    shows: 'moment' | 'shear';
}

const HEIGHT = 300;
const MARGIN = { left: 54, right: 14, top: 16, bottom: 34 };

/** The bending moment along the frame, drawn on the side that is pulled, or its shear: the chosen case in full, the others thin, before dashed. */
export function MomentDiagram({ before, after, chosen, shows }: Props) {
    const { unit } = useUnits();
    const { ref, width } = useSize<HTMLDivElement>();
    const valuesOf = (one: LoadCaseProps): number[][] => (shows === 'shear' ? one.shears : one.moments.map((moment) => [moment]));
    const all = [before, ...(after ? [after] : [])];
    const [front = 0, rear = 1] = extent(all.flatMap((one) => one.stations));
    const most = Math.max(1, ...all.flatMap((one) => one.cases.flatMap((each) => valuesOf(each).flat().map(Math.abs))));
    const scale = (width - MARGIN.left - MARGIN.right) / Math.max(1, rear - front);
    const x = (station: number) => MARGIN.left + (station - front) * scale;
    const middle = (HEIGHT - MARGIN.bottom + MARGIN.top) / 2;
    const y = (moment: number) => middle + (moment / most) * (middle - MARGIN.top);
    // Shear jumps where a force stands: two values at one station.
    const line = (one: LoadedProps, each: LoadCaseProps) =>
        `M${one.stations.flatMap((station, i) => (valuesOf(each)[i] ?? []).map((value) => `${x(station).toFixed(1)} ${y(value).toFixed(1)}`)).join('L')}`;
    const now = after ?? before;
    return (
        <div ref={ref} className="on-dye bg-dye text-dye-ink">
            {width > 0 && (
                <svg
                    width={width}
                    height={HEIGHT}
                    role="img"
                    aria-label={
                        shows === 'shear'
                            ? 'Shear along the frame'
                            : 'Bending moment along the frame; the table lists the greatest of each case'
                    }
                >
                    <g stroke="var(--scribe)" strokeWidth={0.8} fill="none">
                        {[-1, -0.5, 0.5, 1].map((part) => (
                            <path key={part} d={`M${MARGIN.left} ${y(part * most)}H${width - MARGIN.right}`} strokeDasharray="2 5" />
                        ))}
                        <path d={`M${MARGIN.left} ${middle}H${width - MARGIN.right}`} strokeWidth={1.6} />
                    </g>
                    <g fill="var(--dye-soft)" fontSize={13} textAnchor="end">
                        {[-1, -0.5, 0, 0.5, 1].map((part) => (
                            <text key={part} x={MARGIN.left - 6} y={y(part * most) + 4}>
                                {(part * most).toFixed(1).replace('-', '−')}
                            </text>
                        ))}
                        <text x={width - MARGIN.right} y={HEIGHT - 4}>
                            station, {unit}; {shows === 'shear' ? 'shear of both rails, kN' : 'moment of both rails, kN·m, sagging below'}
                        </text>
                    </g>
                    <g fill="var(--dye-soft)" fontSize={13} textAnchor="middle">
                        {ticks(front, rear, scale, unit)
                            .filter((tick) => tick.label !== null)
                            .map((tick) => (
                                <text key={tick.station} x={x(tick.station)} y={HEIGHT - 20}>
                                    {tick.label}
                                </text>
                            ))}
                    </g>
                    {now.hangers.map((one, i) =>
                        one.map((station) => (
                            <path key={`${i} ${station}`} d={`M${x(station)} ${middle}l-5 9h10z`} fill="var(--dye-soft)" />
                        )),
                    )}
                    <g fill="none" strokeLinejoin="round">
                        {after &&
                            before.cases
                                .filter((one) => one.kind === chosen)
                                .map((one) => (
                                    <path
                                        key={one.kind}
                                        d={line(before, one)}
                                        stroke="var(--dye-unsure)"
                                        strokeWidth={2}
                                        strokeDasharray="7 4"
                                    />
                                ))}
                        {now.cases.map((one) => (
                            <path
                                key={one.kind}
                                d={line(now, one)}
                                stroke={one.kind === chosen ? 'var(--dye-ink)' : 'var(--scribe)'}
                                strokeWidth={one.kind === chosen ? 2.4 : 1}
                            />
                        ))}
                    </g>
                </svg>
            )}
        </div>
    );
}
