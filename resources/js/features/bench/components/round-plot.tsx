import { useUnits } from '@/shared/hooks/units';
import { formatDeviation } from '@/shared/lib/format';
import type { BenchRoundProps } from '@/types/props';

const WIDTH = 560;
const HEIGHT = 130;

/** How far off each round was: the columns should shrink under the line of what is good enough. */
export function RoundPlot({ rounds, tolerance }: { rounds: BenchRoundProps[]; tolerance: number }) {
    const { unit } = useUnits();
    if (rounds.length === 0) return null;
    const shown = rounds.slice(-12);
    const most = Math.max(tolerance * 1.5, ...shown.map((round) => round.worst));
    const y = (mm: number) => HEIGHT - 24 - (HEIGHT - 44) * Math.sqrt(Math.max(0, mm) / most);
    return (
        <figure>
            <svg
                viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
                className="block w-full"
                role="img"
                aria-label={`${rounds.length} rounds; the last was off by ${formatDeviation(shown.at(-1)?.worst ?? 0, unit, false)} ${unit}`}
            >
                <path d={`M0 ${HEIGHT - 24}H${WIDTH}`} stroke="var(--ink)" />
                {shown.map((round, i) => {
                    const x = 20 + i * 44;
                    return (
                        <g key={round.id}>
                            <rect
                                x={x}
                                y={y(round.worst)}
                                width={26}
                                height={HEIGHT - 24 - y(round.worst)}
                                fill={round.good ? 'var(--ink)' : 'var(--out)'}
                            />
                            <text x={x + 13} y={y(round.worst) - 4} textAnchor="middle" fontSize={12} fill="var(--ink)">
                                {formatDeviation(round.worst, unit, false)}
                            </text>
                            <text x={x + 13} y={HEIGHT - 8} textAnchor="middle" fontSize={12} fill="var(--soft)">
                                {round.good ? 'good' : i + 1 + rounds.length - shown.length}
                            </text>
                        </g>
                    );
                })}
                <path d={`M0 ${y(tolerance)}H${WIDTH}`} stroke="var(--unsure)" strokeDasharray="5 4" />
                <text x={WIDTH - 2} y={y(tolerance) - 4} textAnchor="end" fontSize={12} fill="var(--unsure)">
                    good enough, {formatDeviation(tolerance, unit, false)} {unit}
                </text>
            </svg>
            <figcaption className="text-sm text-soft">How far off each round was, the newest last.</figcaption>
        </figure>
    );
}
