import { useUnits } from '@/shared/hooks/units';
import { formatLength } from '@/shared/lib/format';
import { say } from '@/shared/lib/say';
import type { SpliceOptionProps } from '@/types/props';

const PLACES: Record<string, string> = {
    joint: 'at the joint',
    development: 'fastening of the parts',
    railAtPlateEnd: 'rail at the ends of the parts',
    insert: 'insert',
};

/** What each of the four places is used to, and what the way asks of the welder. */
export function SpliceWork({ option }: { option: SpliceOptionProps }) {
    const { unit, denominator } = useUnits();
    const passes = (many: number) => `${many} ${many === 1 ? 'pass' : 'passes'}`;
    const work = [
        ...(option.buttPasses > 0 ? [`butt in ${passes(option.buttPasses)}`] : []),
        ...(option.plugs > 0 ? [`${option.plugs} plugs`] : []),
        ...(option.fillets > 0
            ? [`${formatLength(option.fillets, unit, denominator)} ${unit} of fillet in ${passes(option.filletPasses)}`]
            : []),
    ];
    return (
        <div className="mb-3 grid gap-x-8 gap-y-2 md:grid-cols-2">
            <dl className="grid grid-cols-[1fr_auto] gap-x-4">
                {Object.entries(PLACES).map(([place, words]) => {
                    const used = option.places[place];
                    return (
                        <div key={place} className="contents">
                            <dt>{words}</dt>
                            <dd className={`text-right ${used !== undefined && used > 1 ? 'font-semibold text-out' : ''}`}>
                                {used === undefined ? 'none' : `${used > 1 ? '■' : '○'} ${Math.round(100 * used)} %`}
                            </dd>
                        </div>
                    );
                })}
            </dl>
            <p>
                A rail takes {work.join(', ')}, by the shop&rsquo;s table of passes. {say(option.access, unit)}
            </p>
            {option.notes.length > 0 && (
                <ul className="grid gap-1 md:col-span-2">
                    {option.notes.map((note) => (
                        <li key={say(note, 'mm')} className="border-l-[6px] border-line pl-3">
                            {say(note, unit)}
                        </li>
                    ))}
                </ul>
            )}
        </div>
    );
}
