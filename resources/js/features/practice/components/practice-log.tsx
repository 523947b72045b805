import { KIND_WORDS } from '@/shared/lib/words';
import { useUnits } from '@/shared/hooks/units';
import { formatAngle, formatDeviation, formatLength } from '@/shared/lib/format';
import type { PracticeReadingProps } from '@/types/props';

interface Props {
    readings: PracticeReadingProps[];
    chosen: number | null;
    accused: number[];
    onChoose: (number: number) => void;
    onAccuse: ((number: number) => void) | null;
}

/** What the helper called out, against the chart; a tick calls a reading wrong. */
export function PracticeLog({ readings, chosen, accused, onChoose, onAccuse }: Props) {
    const { unit, denominator } = useUnits();
    if (readings.length === 0) return <p className="text-soft">No reading yet.</p>;
    return (
        <table className="w-full border-collapse text-[15px]">
            <caption className="sr-only">Readings, the newest first</caption>
            <thead className="text-left text-sm text-soft">
                <tr className="border-b border-ink">
                    <th className="py-1 pr-1 text-right">#</th>
                    <th className="px-1">reading</th>
                    <th className="px-1 text-right">read, {unit}</th>
                    <th className="px-1 text-right whitespace-nowrap">less chart</th>
                    {onAccuse && <th className="px-1 text-right">wrong?</th>}
                </tr>
            </thead>
            <tbody>
                {readings.map((reading) => {
                    const angle = reading.quantity === 'angle';
                    return (
                        <tr
                            key={reading.number}
                            className={`border-b border-line ${chosen === reading.number ? 'bg-now text-now-ink' : ''}`}
                        >
                            <td className="pr-1 text-right">{reading.number}</td>
                            <td className="px-1">
                                <button
                                    type="button"
                                    className="min-h-11 w-full text-left"
                                    onClick={() => onChoose(reading.number)}
                                    aria-pressed={chosen === reading.number}
                                >
                                    {(KIND_WORDS[reading.kind] ?? reading.kind).toLowerCase()}{' '}
                                    <b className="font-semibold">{reading.points.join(' ')}</b>
                                </button>
                            </td>
                            <td className="px-1 text-right">
                                {angle ? formatAngle(reading.value, 2) : formatLength(reading.value, unit, denominator)}
                            </td>
                            <td className="px-1 text-right">
                                {angle
                                    ? formatAngle(reading.value - reading.chart, 2, true)
                                    : formatDeviation(reading.value - reading.chart, unit)}
                            </td>
                            {onAccuse && (
                                <td className="px-1 text-right">
                                    <input
                                        type="checkbox"
                                        className="h-6 w-6"
                                        checked={accused.includes(reading.number)}
                                        aria-label={`Reading ${reading.number} is wrong`}
                                        onChange={() => onAccuse(reading.number)}
                                    />
                                </td>
                            )}
                        </tr>
                    );
                })}
            </tbody>
        </table>
    );
}
