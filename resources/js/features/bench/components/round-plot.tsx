import { useUnits } from '@/shared/hooks/units';
import { useSize } from '@/shared/hooks/use-size';
import { formatDeviation } from '@/shared/lib/format';
import type { BenchRoundProps } from '@/types/props';

const HEIGHT = 130;
/** From one column to the next, and for the words at the line. */
const STEP = 48;
const WORDS = 160;

/** How far off each round was: the columns should shrink under the line of what is good enough. */
export function RoundPlot({ rounds, tolerance }: { rounds: BenchRoundProps[]; tolerance: number }) {
    const { unit } = useUnits();
    const { ref, width } = useSize<HTMLElement>();
    if (rounds.length === 0) return null;
    const shown = rounds.slice(-Math.max(3, Math.floor((width - WORDS) / STEP)));
    const most = Math.max(tolerance * 1.5, ...shown.map((round) => round.worst));
    const y = (mm: number) => HEIGHT - 24 - (HEIGHT - 44) * Math.sqrt(Math.max(0, mm) / most);
    return (
        <figure ref={ref}>
            <svg
                height={HEIGHT}
                className="block w-full"
                role="img"
                aria-label={`${rounds.length} ${rounds.length === 1 ? 'round' : 'rounds'}; the last was off by ${formatDeviation(shown.at(-1)?.worst ?? 0, unit, false)} ${unit}`}
            >
                <path d={`M0 ${HEIGHT - 24}H${width}`} stroke="var(--ink)" />
                <path d={`M0 ${y(tolerance)}H${width}`} stroke="var(--unsure)" strokeDasharray="5 4" />
                {shown.map((round, i) => {
                    const x = 14 + i * STEP;
                    return (
                        <g key={round.id}>
                            <rect
                                x={x}
                                y={y(round.worst)}
                                width={26}
                                height={HEIGHT - 24 - y(round.worst)}
                                fill={round.good ? 'var(--ink)' : 'var(--out)'}
                            />
                            <text
                                x={x + 13}
                                y={y(round.worst) - 4}
                                textAnchor="middle"
                                fontSize={12}
                                fill="var(--ink)"
                                stroke="var(--paper)"
                                strokeWidth={4}
                                paintOrder="stroke"
                            >
                                {formatDeviation(round.worst, unit, false)}
                            </text>
                            <text x={x + 13} y={HEIGHT - 8} textAnchor="middle" fontSize={12} fill="var(--soft)">
                                {round.good ? 'good' : i + 1 + rounds.length - shown.length}
                            </text>
                        </g>
                    );
                })}
                <text x={width - 2} y={y(tolerance) - 4} textAnchor="end" fontSize={12} fill="var(--unsure)">
                    good enough, {formatDeviation(tolerance, unit, false)} {unit}
                </text>
            </svg>
            <figcaption className="text-sm text-soft">How far off each round was, the newest last.</figcaption>
        </figure>
    );
}
