import { useState } from 'react';
import type { Row, useChart } from '@/features/reference/hooks/use-chart';
import { useUnits } from '@/shared/hooks/units';
import { forAGlove } from '@/shared/lib/for-a-glove';
import { Button } from '@/shared/ui/button';

interface Props {
    chart: ReturnType<typeof useChart>;
    faulty: string[];
    disabled: boolean;
    chosen: string | null;
    onChoose: (id: string) => void;
    onSave: () => void;
}

const COLUMNS = [
    ['x', 'station', 'w-24'],
    ['y', 'offset', 'w-24'],
    ['z', 'height', 'w-24'],
    ['hole', 'hole', 'w-16'],
    ['tolerance', 'allowed', 'w-20'],
] as const;

/** The chart to type in, a row a point; the drawing beside it grows with every number. */
export function ChartTable({ chart, faulty, disabled, chosen, onChoose, onSave }: Props) {
    const { unit } = useUnits();
    const [pair, setPair] = useState('');
    const add = () => {
        const id = pair.trim().toUpperCase() || nextLetter(chart.rows);
        chart.addPair(id);
        setPair('');
    };
    return (
        <div>
            <div className="overflow-x-auto">
                <table className="w-full border-collapse text-[15px]">
                    <caption className="sr-only">The chart, a row a point</caption>
                    <thead className="text-left text-sm text-soft">
                        <tr className="border-b border-ink">
                            <th className="py-1 pr-1">point</th>
                            {COLUMNS.map(([part, label]) => (
                                <th key={part} className="px-1">
                                    {label}
                                </th>
                            ))}
                            <th className="px-1">base</th>
                            <th />
                        </tr>
                    </thead>
                    <tbody>
                        {chart.rows.map((row, i) => (
                            <tr
                                key={i}
                                className={`border-b border-line ${chosen === row.id ? 'bg-wash' : ''}`}
                                onFocus={() => onChoose(row.id)}
                            >
                                <td className="pr-1">
                                    <Cell
                                        row={row}
                                        at={i}
                                        part="id"
                                        label={`Name of point ${i + 1}`}
                                        chart={chart}
                                        disabled={disabled}
                                        width="w-14"
                                    />
                                    {faulty.includes(row.id) && <span className="ml-1 text-out">■ ?</span>}
                                </td>
                                {COLUMNS.map(([part, label, width]) => (
                                    <td key={part} className="px-1">
                                        <Cell
                                            row={row}
                                            at={i}
                                            part={part}
                                            label={`${row.id} ${label}`}
                                            chart={chart}
                                            disabled={disabled}
                                            width={width}
                                        />
                                    </td>
                                ))}
                                <td className="px-1 text-center">
                                    <input
                                        type="checkbox"
                                        className="h-6 w-6"
                                        checked={row.base}
                                        disabled={disabled}
                                        aria-label={`${row.id} is base`}
                                        onChange={(event) => chart.change(i, { base: event.target.checked })}
                                    />
                                </td>
                                <td className="whitespace-nowrap">
                                    {row.side === 'left' && row.mate !== '' && !disabled && (
                                        <button
                                            type="button"
                                            className="min-h-11 px-1 text-sm underline decoration-line underline-offset-4"
                                            onClick={() => chart.mirror(i)}
                                            aria-label={`Mirror ${row.id} to ${row.mate}`}
                                        >
                                            mirror
                                        </button>
                                    )}
                                    {!disabled && (
                                        <button
                                            type="button"
                                            className="min-h-11 min-w-7 text-soft"
                                            onClick={() => chart.remove(i)}
                                            aria-label={`Leave out ${row.id}`}
                                        >
                                            ✕
                                        </button>
                                    )}
                                </td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            </div>
            <p className="mt-2 text-sm text-soft">
                Station rearward, offset to the right (left is minus), height up. A bare number is in {unit}; {'“12 3/4 in”'} or{' '}
                {'“324 mm”'} say it themselves.
            </p>
            {!disabled && (
                <div className="mt-3 flex flex-wrap items-end gap-3">
                    <label className="text-sm text-soft">
                        Letter of the pair
                        <input
                            className="mt-1 block min-h-11 w-28 border border-ink bg-paper px-2 text-lg text-ink"
                            value={pair}
                            placeholder={nextLetter(chart.rows)}
                            onChange={(event) => setPair(event.target.value)}
                            onKeyDown={(event) => event.key === 'Enter' && add()}
                        />
                    </label>
                    <Button onClick={add}>Add a pair</Button>
                    <Button look="now" onClick={onSave} disabled={chart.saving}>
                        {chart.saving ? 'Keeping…' : 'Keep the chart'}
                    </Button>
                </div>
            )}
        </div>
    );
}

interface CellProps {
    row: Row;
    at: number;
    part: 'id' | 'x' | 'y' | 'z' | 'hole' | 'tolerance';
    label: string;
    chart: ReturnType<typeof useChart>;
    disabled: boolean;
    width: string;
}

function Cell({ row, at, part, label, chart, disabled, width }: CellProps) {
    return (
        <input
            {...(part === 'id' ? {} : forAGlove())}
            value={row[part]}
            onChange={(event) => chart.change(at, { [part]: event.target.value })}
            aria-label={label}
            disabled={disabled}
            autoComplete="off"
            className={`min-h-11 ${width} border border-line bg-paper px-1.5 ${part === 'id' ? 'font-semibold' : 'text-right'}`}
        />
    );
}

/** The letter after the last pair's. */
function nextLetter(rows: Row[]): string {
    const letters = rows.flatMap((row) => (/^[A-Z][LR]?$/.test(row.id) ? [row.id.charCodeAt(0)] : []));
    return String.fromCharCode(Math.min(90, Math.max(64, ...letters) + 1));
}
