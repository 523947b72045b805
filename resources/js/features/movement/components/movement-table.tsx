import { useUnits } from '@/shared/hooks/units';
import { formatDeviation } from '@/shared/lib/format';
import { Ask } from '@/shared/ui/ask';
import { Sure } from '@/shared/ui/sure';
import { StateShape } from '@/shared/ui/state-mark';
import type { PointProps } from '@/types/props';

interface Props {
    points: PointProps[];
    chosen: string | null;
    onChoose: (id: string) => void;
}

const MARKS = { '--mark-ground': 'transparent', '--mark-in': 'var(--ink)', '--mark-out': 'var(--out)', '--mark-none': 'var(--soft)' };

/** Every point that both surveys determine, with how far it moved along each axis and how sure that is. */
export function MovementTable({ points, chosen, onChoose }: Props) {
    const { unit } = useUnits();
    return (
        <table className="w-full border-collapse text-[15px] max-sm:text-[13px]">
            <caption className="sr-only">Movement of every point</caption>
            <thead className="text-left text-sm text-soft">
                <tr className="border-b border-ink">
                    <th className="py-1.5">point, moved by {unit}</th>
                    {['station', 'offset', 'height'].map((axis) => (
                        <th key={axis} className="px-2 text-right">
                            {axis}
                        </th>
                    ))}
                    <th className="px-2">state</th>
                </tr>
            </thead>
            <tbody>
                {points
                    .filter((point) => point.deviation)
                    .map((point) => (
                        <tr
                            key={point.id}
                            className={`border-b border-line ${chosen === point.id ? 'bg-now text-now-ink [--ink:var(--now-ink)] [--out:var(--now-ink)] [--soft:var(--now-ink)]' : ''}`}
                            onClick={() => onChoose(point.id)}
                        >
                            <th className="text-left">
                                <button type="button" className="min-h-11 text-left font-semibold" aria-pressed={chosen === point.id}>
                                    {point.id}
                                </button>
                            </th>
                            {[0, 1, 2].map((axis) => (
                                <td
                                    key={axis}
                                    className={`px-2 text-right whitespace-nowrap max-sm:px-1 ${point.axes[axis] === 'out' ? 'font-semibold' : ''}`}
                                >
                                    <Ask about="movement">{formatDeviation(point.deviation?.[axis] ?? 0, unit)}</Ask>
                                    <Sure mm={point.expanded?.[axis] ?? 0} />
                                </td>
                            ))}
                            <td className="px-2 whitespace-nowrap max-sm:px-1">
                                <span className="inline-flex items-center gap-1.5">
                                    <svg width={14} height={14} viewBox="-7 -7 14 14" style={MARKS as React.CSSProperties} aria-hidden>
                                        <StateShape state={point.verdict} />
                                    </svg>
                                    {point.verdict === 'out' ? 'moved' : 'as it was'}
                                </span>
                            </td>
                        </tr>
                    ))}
            </tbody>
        </table>
    );
}
