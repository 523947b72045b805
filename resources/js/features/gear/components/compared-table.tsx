import { useUnits } from '@/shared/hooks/units';
import type { Unit } from '@/shared/lib/format';
import { plain } from '@/shared/ui/results';
import type { ComparedProps } from '@/types/props';
import { states } from '@/types/words';

interface Props {
    rows: ComparedProps[];
    caption: React.ReactNode;
    heads?: [string, string];
    /** While newer numbers are on their way. */
    isBusy?: boolean;
}

/** What a calculator gave in two cases, side by side, with the limit and the state of the second. */
export function ComparedTable({ rows, caption, heads = ['before', 'after'], isBusy = false }: Props) {
    const { unit } = useUnits();
    const isHeld = rows.some((row) => row.limit !== null || row.state !== null);
    return (
        <div className="overflow-x-auto">
            <table className="w-full border-collapse" aria-busy={isBusy}>
                <caption className="pb-1 text-left font-head text-2xl font-semibold">{caption}</caption>
                <thead className="text-sm text-soft">
                    <tr className="border-b border-ink text-right">
                        <th className="py-1 text-left font-medium">what</th>
                        {heads.map((head) => (
                            <th key={head} className="px-2 font-medium">
                                {head}
                            </th>
                        ))}
                        {isHeld && <th className="px-2 font-medium">limit</th>}
                        {isHeld && <th className="px-2 text-left font-medium">state</th>}
                    </tr>
                </thead>
                <tbody>
                    {rows.map((row) => (
                        <tr key={row.what} className="border-b border-line text-right tabular-nums">
                            <th scope="row" className="py-1 text-left font-normal">
                                {row.what}
                            </th>
                            <td className="px-2 whitespace-nowrap text-soft">{said(row, row.before, unit)}</td>
                            <td className={`px-2 whitespace-nowrap ${row.changes ? 'font-semibold' : ''}`}>{said(row, row.after, unit)}</td>
                            {isHeld && (
                                <td className="px-2 whitespace-nowrap text-soft">{row.limit === null ? '' : said(row, row.limit, unit)}</td>
                            )}
                            {isHeld && (
                                <td className="px-2 text-left whitespace-nowrap">
                                    {row.state === null ? '' : (states[row.state] ?? row.state)}
                                </td>
                            )}
                        </tr>
                    ))}
                </tbody>
            </table>
        </div>
    );
}

function said(row: ComparedProps, value: unknown, unit: Unit): string {
    return value === null ? '–' : plain(row, value, unit);
}
