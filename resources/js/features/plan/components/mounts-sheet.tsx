import { Link } from '@inertiajs/react';
import { BodyCut } from '@/features/plan/components/body-cut';
import { BracketFit } from '@/features/plan/components/bracket-fit';
import { MountBolts } from '@/features/plan/components/mount-bolts';
import { MountSpacing } from '@/features/plan/components/mount-spacing';
import { useUnits } from '@/shared/hooks/units';
import { formatLength } from '@/shared/lib/format';
import { path } from '@/shared/lib/path';
import { PlanPages } from '@/shared/ui/plan-pages';
import { Trouble } from '@/shared/ui/trouble';
import type { MountsProps, SightProps } from '@/types/props';

/** Where everything is fastened on the frame as it will be, and where new mounts find a place. */
export function MountsSheet({ job, mounts }: { job: number; mounts: MountsProps }) {
    const { unit, denominator } = useUnits();
    const show = (mm: number) => formatLength(mm, unit, denominator);
    const seen = (sights: SightProps[]) =>
        sights.map((one) => `${show(Math.abs(one.distance))} ${one.distance > 0 ? 'behind' : 'ahead of'} ${one.hook}`).join('; ') || '–';
    return (
        <div className="flex min-h-0 flex-1 flex-col gap-6 bg-paper p-4 lg:overflow-y-auto [&>*]:shrink-0" tabIndex={-1}>
            <PlanPages job={job} current="mounts" />
            {mounts.trouble && <Trouble title="This cannot be planned yet">{mounts.trouble.message}</Trouble>}
            <div className="grid gap-6 xl:grid-cols-2">
                <MountSpacing job={job} fields={mounts.along} />
                <BracketFit job={job} fields={mounts.brackets} />
                <MountBolts job={job} fields={mounts.bolts} />
                <BodyCut job={job} fields={mounts.bodyCut} />
            </div>
            <section aria-labelledby="all">
                <h2 id="all" className="mb-1 text-2xl">
                    What is fastened, found by tape
                </h2>
                <p className="mb-2 text-soft">
                    In the frame as it will be, {unit}. Each side from the nearest hole or edge ahead and behind: one checks the other.
                </p>
                {mounts.mounts.length === 0 ? (
                    <p>Nothing is entered on the page Frame.</p>
                ) : (
                    <div className="overflow-x-auto">
                        <table className="w-full border-collapse text-[15px]">
                            <thead className="text-sm text-soft">
                                <tr className="border-b border-ink">
                                    <th className="py-1 text-left font-medium">what</th>
                                    <th className="px-2 text-right font-medium">was at</th>
                                    <th className="px-2 text-right font-medium">will be at</th>
                                    <th className="px-2 text-left font-medium">left</th>
                                    <th className="px-2 text-left font-medium">right</th>
                                </tr>
                            </thead>
                            <tbody>
                                {mounts.mounts.map((one) => (
                                    <tr key={one.id} className="border-b border-line align-top">
                                        <th scope="row" className="py-1.5 text-left font-normal">
                                            {one.name}
                                        </th>
                                        <td className="px-2 py-1.5 text-right whitespace-nowrap text-soft">
                                            {one.before === null ? 'new' : show(one.before)}
                                        </td>
                                        <td className="px-2 py-1.5 text-right whitespace-nowrap">{show(one.after)}</td>
                                        <td className="px-2 py-1.5">{seen(one.left)}</td>
                                        <td className="px-2 py-1.5">{seen(one.right)}</td>
                                    </tr>
                                ))}
                            </tbody>
                        </table>
                    </div>
                )}
            </section>
            <p>
                Plugs, weld lines, or bolts in no rows and columns:{' '}
                <Link className="inline-flex min-h-11 items-center underline underline-offset-4" href={path('tool', { tool: 'fasteners' })}>
                    each of a group, under a load beside it
                </Link>
                .
            </p>
        </div>
    );
}
