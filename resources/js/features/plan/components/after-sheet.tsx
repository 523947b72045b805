import { Link } from '@inertiajs/react';
import { useState } from 'react';
import { VariantTable } from '@/features/plan/components/variant-table';
import { shownIn } from '@/features/plan/lib/shown-in';
import { useUnits } from '@/shared/hooks/units';
import { formatLength } from '@/shared/lib/format';
import { send } from '@/shared/lib/http';
import { path } from '@/shared/lib/path';
import { PlanPages } from '@/shared/ui/plan-pages';
import { Trouble } from '@/shared/ui/trouble';
import type { CarriedProps, ConsequenceProps, ConsequencesProps } from '@/types/props';

/** What the plan does to the vehicle as a whole, and what comes along. */
export function AfterSheet({ job, canWork, initial }: { job: number; canWork: boolean; initial: ConsequencesProps }) {
    const [after, setAfter] = useState(initial);
    const tick = async (feature: string, done: boolean) => {
        const answer = await send<ConsequencesProps>('POST', path('plan.tick', { job }), { feature, done });
        if (answer.state === 'ok') setAfter(answer.body);
    };
    return (
        <div className="flex min-h-0 flex-1 flex-col gap-5 bg-paper p-4 lg:overflow-y-auto [&>*]:shrink-0" tabIndex={-1}>
            <PlanPages job={job} current="after" />
            {after.trouble && <Trouble title="This cannot be planned yet">{after.trouble.message}</Trouble>}
            <VariantTable variants={after.variants} />
            {!after.isPlanned && (
                <p>
                    Nothing is planned, so that nothing changes.{' '}
                    <Link className="underline underline-offset-4" href={path('plan', { job })}>
                        Plan a change
                    </Link>{' '}
                    and come back.
                </p>
            )}
            <div className="grid gap-6 xl:grid-cols-2">
                <section aria-labelledby="vehicle">
                    <h2 id="vehicle" className="mb-1 text-2xl">
                        The vehicle, before and after
                    </h2>
                    <Changes rows={after.rows} />
                </section>
                <section aria-labelledby="along">
                    <h2 id="along" className="mb-1 text-2xl">
                        What comes along
                    </h2>
                    <Along carried={after.carried} onTick={canWork ? (feature, done) => void tick(feature, done) : null} />
                </section>
            </div>
            <p className="border border-ink px-3 py-2">
                Axle loads, overhang and angles have limits in local law and in the vehicle maker’s book; both come before any number here.
            </p>
        </div>
    );
}

function Changes({ rows }: { rows: ConsequenceProps[] }) {
    const { unit, denominator } = useUnits();
    return (
        <div className="overflow-x-auto">
            <table className="w-full border-collapse">
                <thead className="text-sm text-soft">
                    <tr className="border-b border-ink text-right">
                        <th className="py-1 text-left font-medium">what</th>
                        <th className="px-1 font-medium">before</th>
                        <th className="px-1 font-medium">after</th>
                    </tr>
                </thead>
                <tbody>
                    {rows.map((row) => (
                        <tr key={row.name} className="border-b border-line text-right align-top">
                            <th scope="row" className="py-1.5 text-left font-normal">
                                {row.label}
                                {row.note && <span className="block text-sm text-soft">{row.note}</span>}
                            </th>
                            <td className="px-1 py-1.5 whitespace-nowrap text-soft">{shownIn(row.before, row, unit, denominator)}</td>
                            <td className={`px-1 py-1.5 whitespace-nowrap ${row.changes ? 'font-semibold' : ''}`}>
                                {shownIn(row.after, row, unit, denominator)}
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </div>
    );
}

interface AlongProps {
    carried: CarriedProps[];
    onTick: ((feature: string, done: boolean) => void) | null;
}

function Along({ carried, onTick }: AlongProps) {
    if (carried.length === 0)
        return (
            <p className="text-soft">No lines are entered on the page Frame. Look along the rails: lines, loom, cable, exhaust, shaft.</p>
        );
    const crossing = carried.filter(crosses);
    const open = crossing.filter((item) => !item.isTicked).length;
    return (
        <>
            <p className="mb-2">
                {crossing.length === 0
                    ? '○ Nothing that is entered crosses a cut.'
                    : open === 0
                      ? '○ All of it is seen to.'
                      : `◌ ${open} of ${crossing.length} not seen to yet: the plan is complete when all are ticked.`}
            </p>
            <ul className="grid gap-2">
                {carried.map((item) => (
                    <AlongItem key={item.feature} item={item} onTick={onTick} />
                ))}
            </ul>
        </>
    );
}

function crosses(item: CarriedProps): boolean {
    return Math.abs(item.change) > 1e-6 || item.end !== null;
}

function AlongItem({ item, onTick }: { item: CarriedProps; onTick: AlongProps['onTick'] }) {
    const { unit, denominator } = useUnits();
    const isCrossing = crosses(item);
    return (
        <li className={`border-l-[6px] pl-3 ${isCrossing ? 'border-ink' : 'border-line text-soft'}`}>
            <label className="flex min-h-11 items-start gap-3">
                {isCrossing && (
                    <input
                        type="checkbox"
                        className="mt-1 h-6 w-6 shrink-0"
                        checked={item.isTicked}
                        disabled={onTick === null}
                        onChange={(event) => onTick?.(item.feature, event.target.checked)}
                    />
                )}
                <span>
                    <b className="font-semibold">{item.feature}</b>{' '}
                    {isCrossing
                        ? `${formatLength(item.change, unit, denominator, true)} ${unit}: ${item.advice}`
                        : 'crosses no cut and stays as it is'}
                    .
                </span>
            </label>
            {item.loss !== null && (
                <p className="text-sm">
                    {item.loss.toFixed(2)} V are lost on what is added, at {item.current} A in {item.copper} mm², there and back.
                </p>
            )}
            {item.end && <p className="text-out">{item.end}</p>}
            {isCrossing && item.outBeforeHeat && <p className="text-out">■ Out of the way, or drained, before any heat.</p>}
        </li>
    );
}
