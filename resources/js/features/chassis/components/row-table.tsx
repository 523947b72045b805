import { cellOf, columnsOf } from '@/features/chassis/lib/cells';
import { useUnits } from '@/shared/hooks/units';
import type { ChassisListProps } from '@/types/props';

interface Props {
    list: ChassisListProps;
    chosen: string | null;
    onChoose: (id: string) => void;
}

/** A list of the frame, a row a part; choosing one opens its form and marks it on the drawing. */
export function RowTable({ list, chosen, onChoose }: Props) {
    const { unit, denominator } = useUnits();
    const columns = columnsOf(list.fields, list.rows);
    if (list.rows.length === 0) return <p className="text-soft">Nothing is entered here yet.</p>;
    return (
        <div className="-mx-4 shrink-0 overflow-x-auto px-4">
            <table className="w-full border-collapse text-[15px]">
                <caption className="sr-only">{list.label}, a row each</caption>
                <thead className="text-left text-sm text-soft">
                    <tr className="border-b border-ink">
                        <th className="py-1 pr-2 font-medium">id</th>
                        {columns.map((field) => (
                            <th
                                key={field.name}
                                className={`px-1.5 py-1 font-medium whitespace-nowrap ${field.kind === 'length' ? 'text-right' : ''}`}
                            >
                                {shortly(field.label)}
                                {field.kind === 'length' && `, ${unit}`}
                            </th>
                        ))}
                    </tr>
                </thead>
                <tbody>
                    {list.rows.map((row) => {
                        const id = String(row.id);
                        return (
                            <tr key={id} className={`border-b border-line ${id === chosen ? 'bg-wash' : ''}`}>
                                <td className="pr-2">
                                    <button
                                        type="button"
                                        className="min-h-11 min-w-11 text-left font-semibold underline decoration-line underline-offset-4"
                                        aria-pressed={id === chosen}
                                        onClick={() => onChoose(id)}
                                    >
                                        {id}
                                    </button>
                                </td>
                                {columns.map((field) => (
                                    <td
                                        key={field.name}
                                        className={`px-1.5 py-1 ${field.kind === 'length' ? 'text-right whitespace-nowrap' : ''}`}
                                    >
                                        {cellOf(field, row[field.name], unit, denominator)}
                                    </td>
                                ))}
                            </tr>
                        );
                    })}
                </tbody>
            </table>
        </div>
    );
}

/** What stands before the comma or the qualification: a column has no room for more. */
function shortly(label: string): string {
    return (/^(.*?)(?:,| along | of the |$)/.exec(label)?.[1] ?? label).toLowerCase();
}
