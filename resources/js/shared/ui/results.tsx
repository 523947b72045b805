import { formatDeviation, type Unit } from '@/shared/lib/format';
import { say } from '@/shared/lib/say';
import { spaced } from '@/shared/lib/spaced';
import type { Sentence, ToolResultProps } from '@/types/props';
import { states } from '@/types/words';

interface Props {
    results: ToolResultProps[];
    values: Record<string, unknown>;
    unit: Unit;
    source: string;
}

/** What a tool gives: its answer first, then its numbers with their units, its lists, then where the formula is from. */
export function Results({ results, values, unit, source }: Props) {
    const truths = results.filter((one) => one.kind === 'truth' && typeof values[one.name] === 'boolean');
    const sentences = results.filter((one) => one.kind === 'text' && values[one.name] != null);
    const tables = results.flatMap((one) => lists(one, values[one.name]));
    const good = truths.every((one) => values[one.name] === true) && values.verdict !== 'out';
    return (
        <div className={`mt-4 border-l-[6px] pl-4 ${good ? 'border-ink' : 'border-out'}`}>
            {truths.map((one) => (
                <h2 key={one.name} className="font-head text-3xl font-semibold">
                    {values[one.name] === true ? one.label : `Not ${one.label.toLowerCase()}`}
                </h2>
            ))}
            {sentences.map((one) => (
                <p key={one.name} className="mt-1 text-lg">
                    {isSentence(values[one.name]) ? say(values[one.name] as Sentence, unit) : `${one.label}: ${String(values[one.name])}`}
                </p>
            ))}
            <table className="mt-3 w-full">
                <tbody>
                    {results
                        .filter((one) => one.kind !== 'list' && one.kind !== 'truth' && one.kind !== 'text')
                        .flatMap((one) => rows(one, values[one.name], unit))
                        .map(([label, value]) => (
                            <tr key={label} className="border-t border-line">
                                <th scope="row" className="py-1 pr-3 text-left font-normal text-soft">
                                    {label}
                                </th>
                                <td className="py-1 text-right text-lg whitespace-nowrap tabular-nums max-sm:whitespace-normal">{value}</td>
                            </tr>
                        ))}
                </tbody>
            </table>
            {tables.map(([table, entries]) => (
                <Table key={table.name} table={table} entries={entries} unit={unit} />
            ))}
            <p className="mt-2 text-sm text-soft">{source}</p>
        </div>
    );
}

function Table({ table, entries, unit }: { table: ToolResultProps; entries: unknown[]; unit: Unit }) {
    if (entries.length === 0) return null;
    const cells = entries.map((entry) => new Map(table.results.flatMap((one) => rows(one, at(entry, one.name), unit, true))));
    const heads = [...new Set(cells.flatMap((row) => [...row.keys()]))];
    return (
        <div className="mt-4 overflow-x-auto" tabIndex={0} role="region" aria-label={table.label}>
            <h3 className="font-head text-lg font-semibold">{table.label}</h3>
            <table className="w-full">
                <thead className="text-sm text-soft">
                    <tr className="border-b border-ink">
                        {heads.map((head) => (
                            <th key={head} scope="col" className="py-1 pr-3 text-left font-normal">
                                {head}
                            </th>
                        ))}
                    </tr>
                </thead>
                <tbody>
                    {cells.map((row, i) => (
                        <tr key={i} className="border-b border-line">
                            {heads.map((head) => (
                                <td key={head} className="py-1 pr-3 whitespace-nowrap tabular-nums">
                                    {row.get(head) ?? '–'}
                                </td>
                            ))}
                        </tr>
                    ))}
                </tbody>
            </table>
        </div>
    );
}

/** The lists of a result, those of a group too. */
function lists(result: ToolResultProps, value: unknown): [ToolResultProps, unknown[]][] {
    if (result.kind === 'list') return Array.isArray(value) ? [[result, value]] : [];
    return result.results.flatMap((one) => lists(one, at(value, one.name)));
}

/** A result as lines of label and value; a group as one line for each of what it holds. */
function rows(result: ToolResultProps, value: unknown, unit: Unit, short = false): [string, string][] {
    if (value === null || value === undefined) return short || result.kind === 'group' ? [] : [[result.label, '–']];
    if (isSentence(value)) return [[result.label, say(value, unit)]];
    if (result.kind === 'list' && Array.isArray(value))
        return [[result.label, value.map((entry) => entryWords(result, entry, unit)).join('; ')]];
    if (Array.isArray(value) && value.length === 0) return [[result.label, 'none']];
    if (Array.isArray(value)) return [[result.label, value.map((one) => plain(result, one, unit)).join(', ')]];
    if (typeof value === 'object') {
        if (result.results.length > 0) {
            return result.results
                .filter((inner) => inner.kind !== 'list')
                .flatMap((inner) => rows(inner, at(value, inner.name), unit, true))
                .map(([label, said]): [string, string] => [`${result.label}: ${label}`, said]);
        }
        return Object.entries(value).map(([name, one]): [string, string] => [
            `${result.label}: ${spaced(name)}`,
            plain({ ...result, kind: result.kind === 'lengths' ? 'length' : 'number' }, one, unit),
        ]);
    }
    return [[result.label, plain(result, value, unit)]];
}

/** An entry of a list within a cell: “LL 11 885 N”. */
function entryWords(result: ToolResultProps, entry: unknown, unit: Unit): string {
    return result.results
        .map((one) =>
            rows(one, at(entry, one.name), unit, true)
                .map(([, said]) => said)
                .join(' '),
        )
        .join(' ');
}

/** A number with its unit, or a word. */
export function plain(result: Pick<ToolResultProps, 'kind' | 'unit'>, value: unknown, unit: Unit): string {
    if (typeof value === 'boolean') return value ? 'yes' : 'no';
    if (typeof value !== 'number') return result.kind === 'choice' ? (states[String(value)] ?? spaced(String(value))) : String(value);
    if (result.kind === 'count') return String(value);
    if (result.kind === 'length' || result.kind === 'lengths') return `${formatDeviation(value, unit, false)} ${unit}`;
    const digits = result.unit === '°' ? 2 : Math.abs(value) < 10 ? 3 : Math.abs(value) < 1000 ? 1 : 0;
    return `${(Math.abs(value) < 10 ** -digits / 2 ? 0 : value).toFixed(digits).replace('-', '−')} ${result.unit}`.trim();
}

function at(entry: unknown, name: string): unknown {
    return typeof entry === 'object' && entry !== null ? (entry as Record<string, unknown>)[name] : undefined;
}

function isSentence(value: unknown): value is Sentence {
    // A mitre has a template as well, which is a list.
    return typeof value === 'object' && value !== null && 'template' in value && typeof value.template === 'string';
}
