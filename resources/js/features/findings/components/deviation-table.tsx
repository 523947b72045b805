import { verdictNote } from '@/shared/lib/words';
import { useUnits } from '@/shared/hooks/units';
import { formatDeviation } from '@/shared/lib/format';
import { Ask } from '@/shared/ui/ask';
import { Sure } from '@/shared/ui/sure';
import { StateMark } from '@/shared/ui/state-mark';
import type { PointProps } from '@/types/props';

const FROM = {
    chart: { caption: 'Deviation of every point from the chart', by: 'off by', about: 'deviation' },
    earlier: { caption: 'Movement of every point', by: 'moved by', about: 'movement' },
} as const;

interface Props {
    points: PointProps[];
    chosen: string | null;
    onChoose: (id: string) => void;
    from?: keyof typeof FROM;
}

/** Every point with how far it is off the chart, or off where it was before, how sure that is, and what it means. */
export function DeviationTable({ points, chosen, onChoose, from = 'chart' }: Props) {
    const { unit } = useUnits();
    return (
        <table className="w-full border-collapse text-[15px] max-sm:text-[13px]">
            <caption className="sr-only">{FROM[from].caption}</caption>
            <thead className="sticky -top-4 z-10 bg-paper text-left text-sm text-soft">
                <tr className="border-b border-ink">
                    <th className="py-1.5 pl-4">
                        point, {FROM[from].by} {unit}
                    </th>
                    {['station', 'offset', 'height'].map((axis) => (
                        <th key={axis} className="px-1 text-right">
                            {axis}
                        </th>
                    ))}
                    <th className="px-2">state</th>
                </tr>
            </thead>
            <tbody>
                {points.map((point) => (
                    <tr
                        key={point.id}
                        className={`border-b border-line ${chosen === point.id ? 'bg-now text-now-ink [--ink:var(--now-ink)] [--out:var(--now-ink)] [--soft:var(--now-ink)] [--unsure:var(--now-ink)]' : ''}`}
                        onClick={() => onChoose(point.id)}
                    >
                        <th className="pl-4 text-left max-sm:pl-2">
                            <button
                                type="button"
                                className="min-h-12 text-left leading-tight focus-visible:-outline-offset-2"
                                aria-pressed={chosen === point.id}
                            >
                                <b className="font-semibold">{point.id}</b>
                                <span className="block text-sm leading-tight font-normal text-soft max-sm:hidden">{point.name}</span>
                            </button>
                        </th>
                        {[0, 1, 2].map((axis) => (
                            <Deviation key={axis} point={point} axis={axis} about={FROM[from].about} />
                        ))}
                        <td className="px-1 sm:min-w-30">
                            <StateMark
                                state={point.verdict}
                                says={from === 'chart' ? undefined : point.verdict === 'out' ? 'moved' : 'as it was'}
                            />
                            {from === 'chart' && (
                                <span className="block text-sm leading-tight text-soft max-sm:hidden">{verdictNote(point, unit)}</span>
                            )}
                        </td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}

function Deviation({ point, axis, about }: { point: PointProps; axis: number; about: 'deviation' | 'movement' }) {
    const { unit } = useUnits();
    if (!point.deviation || !point.expanded) {
        return <td className="px-2 text-right text-soft">–</td>;
    }
    return (
        <td className="px-1 text-right whitespace-nowrap">
            <span className={point.axes[axis] === 'out' ? 'font-semibold' : ''}>
                {point.axes[axis] === 'out' && <span aria-hidden>■ </span>}
                <Ask about={about}>{formatDeviation(point.deviation[axis] ?? 0, unit)}</Ask>
            </span>
            <Sure mm={point.determined?.[axis] ? (point.expanded[axis] ?? 0) : null} />
        </td>
    );
}
