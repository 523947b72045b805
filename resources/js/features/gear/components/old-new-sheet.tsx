import { Link } from '@inertiajs/react';
import { ComparedTable } from '@/features/gear/components/compared-table';
import { useUnits } from '@/shared/hooks/units';
import { formatLength } from '@/shared/lib/format';
import { path } from '@/shared/lib/path';
import { GearPages } from '@/shared/ui/gear-pages';
import { say } from '@/shared/lib/say';
import type { JobProps, OldNewProps } from '@/types/props';

const NOTES = [
    'ABS and stability control: their maker says whether a longer wheelbase is allowed, and who teaches it.',
    'Headlamps, where the vehicle stands at another angle.',
    'Speedometer and tachograph, only where tyre or axle ratio changed.',
    'Wheel alignment, after anything of axle, link or steering was moved.',
    'Certification by local law: an engineer’s or inspector’s sign-off, before it goes on the road.',
];

/** Everything that depends on the plan on one page: before, after, what is out of date. */
export function OldNewSheet({ job, gear }: { job: JobProps; gear: OldNewProps }) {
    const { unit, denominator } = useUnits();
    const told = (value: number | null, of: string) =>
        value === null
            ? '–'
            : of === 'mm'
              ? `${formatLength(value, unit, denominator)} ${unit}`
              : `${value.toFixed(of === 'm' ? 2 : 1)} ${of}`;
    const shaft = [
        ['Driveshaft, joint to joint', gear.shaft.before?.states[0]?.length ?? null, gear.shaft.after?.states[0]?.length ?? null],
    ] as const;
    return (
        <div className="flex min-h-0 flex-1 flex-col gap-6 bg-paper p-4 lg:overflow-y-auto [&>*]:shrink-0" tabIndex={-1}>
            <GearPages job={job.id} current="old-new" />
            {!gear.isPlanned && <p>Nothing is planned yet, so that old and new are the same.</p>}
            <div className="overflow-x-auto">
                <table className="w-full border-collapse">
                    <caption className="pb-1 text-left font-head text-2xl font-semibold">The vehicle</caption>
                    <Head />
                    <tbody>
                        {gear.vehicle.map((row) => (
                            <Row
                                key={row.name}
                                what={row.label}
                                before={told(row.before, row.unit)}
                                after={told(row.after, row.unit)}
                                changes={row.changes}
                            />
                        ))}
                        {shaft.map(([what, before, after]) => (
                            <Row
                                key={what}
                                what={what}
                                before={told(before, 'mm')}
                                after={told(after, 'mm')}
                                changes={before !== null && after !== null && Math.abs(before - after) > 0.05}
                            />
                        ))}
                    </tbody>
                </table>
            </div>
            {gear.sheets.length === 0 && (
                <p>
                    No sheet is kept yet.{' '}
                    <Link
                        className="inline-flex min-h-11 items-center underline underline-offset-4"
                        href={path('gear', { job: job.id, page: 'shafts' })}
                    >
                        Work out the shafts first
                    </Link>
                    , then axles, links, steering, weights and clearances; each then stands here, old against new.
                </p>
            )}
            {gear.errands.length > 0 && (
                <section aria-labelledby="errands">
                    <h2 id="errands" className="text-2xl">
                        To be made, bought, sent out
                    </h2>
                    <dl>
                        {gear.errands.map((errand, i) => (
                            <div key={i} className="flex gap-4 border-b border-line py-1">
                                <dt className="w-20 shrink-0 font-semibold">{errand.kind}</dt>
                                <dd>
                                    {say(errand.say, unit)} <span className="text-soft">{errand.of}</span>
                                </dd>
                            </div>
                        ))}
                    </dl>
                </section>
            )}
            {gear.sheets.map((sheet) => (
                <div key={sheet.id}>
                    <ComparedTable
                        rows={sheet.rows}
                        caption={
                            <>
                                {sheet.title}{' '}
                                {sheet.stale.length > 0 && <span className="text-unsure">◌ out of date: {sheet.stale.join(', ')}</span>}
                                {sheet.trouble && <span className="text-out">■ not worked out: {sheet.trouble}</span>}
                            </>
                        }
                    />
                    {!sheet.isChanged && !sheet.trouble && <p className="text-soft">The plan changes nothing that was entered here.</p>}
                </div>
            ))}
            <section aria-labelledby="notes">
                <h2 id="notes" className="text-2xl">
                    To pass on
                </h2>
                <ul className="list-disc pl-6">
                    {NOTES.map((note) => (
                        <li key={note}>{note}</li>
                    ))}
                </ul>
            </section>
        </div>
    );
}

function Head() {
    return (
        <thead className="text-sm text-soft">
            <tr className="border-b border-ink text-right">
                <th className="py-1 text-left font-medium">what</th>
                <th className="px-2 font-medium">before</th>
                <th className="px-2 font-medium">after</th>
            </tr>
        </thead>
    );
}

function Row({ what, before, after, changes }: { what: string; before: string; after: string; changes: boolean }) {
    return (
        <tr className="border-b border-line text-right">
            <th scope="row" className="py-1 text-left font-normal">
                {what}
            </th>
            <td className="px-2 whitespace-nowrap text-soft">{before}</td>
            <td className={`px-2 whitespace-nowrap ${changes ? 'font-semibold' : ''}`}>{after}</td>
        </tr>
    );
}
