import { useUnits } from '@/shared/hooks/units';
import { formatLength } from '@/shared/lib/format';
import type { MarkLengthProps } from '@/types/props';

interface Props {
    candidates: string[];
    marks: string[];
    lengths: MarkLengthProps[];
    canWork: boolean;
    onChange: (marks: string[]) => void;
}

/** Points that were marked for good, and the lengths between them as the last survey found them. */
export function Marks({ candidates, marks, lengths, canWork, onChange }: Props) {
    const { unit, denominator } = useUnits();
    return (
        <section aria-labelledby="marks">
            <h2 id="marks" className="text-3xl">
                Marks that stay
            </h2>
            <p className="text-sm text-soft">
                Points with a punch mark that nobody paints over: four to six, front and rear, left and right. The lengths between them,
                read again in ten minutes, say whether the frame moved since.
            </p>
            {candidates.length === 0 ? (
                <p className="mt-2">The latest survey has no point that it fixes in space yet.</p>
            ) : (
                <fieldset className="mt-2 flex flex-wrap gap-2" disabled={!canWork}>
                    <legend className="sr-only">Points that were marked</legend>
                    {candidates.map((point) => (
                        <label key={point} className="flex min-h-11 items-center gap-2 border border-line px-3">
                            <input
                                type="checkbox"
                                className="size-5"
                                checked={marks.includes(point)}
                                onChange={(event) =>
                                    onChange(event.target.checked ? [...marks, point] : marks.filter((one) => one !== point))
                                }
                            />
                            {point}
                        </label>
                    ))}
                </fieldset>
            )}
            {lengths.length > 0 && (
                <table className="mt-3 tabular-nums">
                    <tbody>
                        {lengths.map((one) => (
                            <tr key={`${one.from} ${one.to}`} className="border-b border-line">
                                <td className="pr-6">
                                    {one.from} {one.to}
                                </td>
                                <td className="text-right">
                                    {formatLength(one.length, unit, denominator)} {unit}
                                </td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            )}
        </section>
    );
}
