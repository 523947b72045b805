import { formatDeviation } from '@/shared/lib/format';
import { say } from '@/shared/lib/say';
import type { Sentence, ToolResultProps } from '@/types/props';

interface Props {
    results: ToolResultProps[];
    values: Record<string, unknown>;
    unit: 'mm' | 'in';
    source: string;
}

/** What a tool gives: its answer first, then its numbers with their units, then where the formula is from. */
export function Results({ results, values, unit, source }: Props) {
    const truths = results.filter((one) => one.kind === 'truth');
    const sentences = results.filter((one) => one.kind === 'text' && values[one.name] != null);
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
                    {typeof values[one.name] === 'object'
                        ? say(values[one.name] as Sentence, unit)
                        : `${one.label}: ${String(values[one.name])}`}
                </p>
            ))}
            <table className="mt-3 w-full">
                <tbody>
                    {results
                        .flatMap((one) => rows(one, values[one.name], unit))
                        .map(([label, value]) => (
                            <tr key={label} className="border-t border-line">
                                <th scope="row" className="py-1 pr-3 text-left font-normal text-soft">
                                    {label}
                                </th>
                                <td className="py-1 text-right text-lg whitespace-nowrap tabular-nums">{value}</td>
                            </tr>
                        ))}
                </tbody>
            </table>
            <p className="mt-2 text-sm text-soft">{source}</p>
        </div>
    );
}

function rows(result: ToolResultProps, value: unknown, unit: 'mm' | 'in'): [string, string][] {
    if (typeof value === 'number') return [[result.label, shown(result, value, unit)]];
    if (result.kind === 'group' && typeof value === 'object' && value !== null) {
        return Object.entries(value).flatMap(([name, one]) =>
            typeof one === 'number'
                ? [[`${result.label}: ${words(name)}`, shown({ ...result, kind: 'length' }, one, unit)] as [string, string]]
                : [],
        );
    }
    return [];
}

function shown(result: ToolResultProps, value: number, unit: 'mm' | 'in'): string {
    if (result.kind === 'length') return `${formatDeviation(value, unit, false)} ${unit}`;
    const digits = Math.abs(value) < 10 ? 3 : Math.abs(value) < 1000 ? 1 : 0;
    return `${value.toFixed(digits).replace('-', '−')} ${result.unit}`.trim();
}

/** frontLeft: front left */
function words(name: string): string {
    return name.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);
}
