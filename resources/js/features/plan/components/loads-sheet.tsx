import { Link } from '@inertiajs/react';
import { useState } from 'react';
import { AxleTable } from '@/features/plan/components/axle-table';
import { MomentDiagram } from '@/features/plan/components/moment-diagram';
import { LoadBeside } from '@/features/plan/components/load-beside';
import { MovingLoad } from '@/features/plan/components/moving-load';
import { OneWheel } from '@/features/plan/components/one-wheel';
import { WinchPull } from '@/features/plan/components/winch-pull';
import { WorstTable } from '@/features/plan/components/worst-table';
import { path } from '@/shared/lib/path';
import { PlanPages } from '@/shared/ui/plan-pages';
import { Segmented } from '@/shared/ui/segmented';
import { Trouble } from '@/shared/ui/trouble';
import type { LoadsProps } from '@/types/props';

/** What the frame bears: axle loads, moments, the worst places, sag and frequency, before and after the change. */
export function LoadsSheet({ job, loads }: { job: number; loads: LoadsProps }) {
    const now = loads.after ?? loads.before;
    const [shows, setShows] = useState<'moment' | 'shear'>('moment');
    const [chosen, setChosen] = useState(now?.cases.find((one) => one.kind === 'laden')?.kind ?? now?.cases[0]?.kind ?? '');
    return (
        <div className="flex min-h-0 flex-1 flex-col gap-5 bg-paper p-4 lg:overflow-y-auto [&>*]:shrink-0" tabIndex={-1}>
            <PlanPages job={job} current="loads" />
            {loads.trouble && (
                <Trouble title="Nothing to work out yet">
                    <p>{loads.trouble.message}</p>
                    <Link
                        className="inline-flex min-h-11 items-center font-medium underline underline-offset-4"
                        href={path('chassis', { job })}
                    >
                        To the frame
                    </Link>
                </Trouble>
            )}
            {loads.before && now && (
                <>
                    <section aria-labelledby="moments">
                        <div className="mb-2 flex flex-wrap items-center justify-between gap-3">
                            <h2 id="moments" className="sr-only">
                                Along the frame
                            </h2>
                            <Segmented
                                label="Shown"
                                value={shows}
                                onChange={setShows}
                                choices={[
                                    { value: 'moment', label: 'bending' },
                                    { value: 'shear', label: 'shear' },
                                ]}
                            />
                            <div className="max-w-full overflow-x-auto">
                                <Segmented
                                    label="Case"
                                    value={chosen}
                                    onChange={setChosen}
                                    choices={now.cases.map((one) => ({ value: one.kind, label: one.label }))}
                                />
                            </div>
                        </div>
                        <MomentDiagram before={loads.before} after={loads.after} chosen={chosen} shows={shows} />
                        {loads.after && (
                            <p className="mt-1 text-sm text-soft">
                                Full: after the change. Dashed: this case before it. ▾ where the springs carry.
                            </p>
                        )}
                    </section>
                    <div className="grid gap-6 xl:grid-cols-2">
                        <section aria-labelledby="axles">
                            <h2 id="axles" className="mb-1 text-2xl">
                                On the axles
                            </h2>
                            <AxleTable before={loads.before} after={loads.after} />
                        </section>
                        <section aria-labelledby="worst">
                            <h2 id="worst" className="mb-1 text-2xl">
                                Where a rail bears most
                            </h2>
                            {loads.after && <WorstTable worst={loads.after.worst} label="After" />}
                            <WorstTable worst={loads.before.worst} label={loads.after ? 'Before' : 'As it is'} />
                            <p className="mt-2 text-soft">
                                Static moments times {loads.factor} (shop value), half on each rail, the weaker one counts, worn as
                                measured; on a jack without that factor. A number with these assumptions and never a release: no torsion, no
                                fatigue.{!loads.brakes && ' Braking is told when each mass and an axle have their heights.'}
                            </p>
                        </section>
                    </div>
                    <section aria-labelledby="give">
                        <h2 id="give" className="mb-1 text-2xl">
                            How it gives
                        </h2>
                        <p>{gives(loads, chosen)}</p>
                    </section>
                    <section aria-labelledby="one-wheel">
                        <h2 id="one-wheel" className="mb-1 text-2xl">
                            One wheel lifted
                        </h2>
                        <OneWheel loads={loads} />
                    </section>
                    <div className="grid gap-6 xl:grid-cols-3">
                        <MovingLoad job={job} fields={loads.moving} />
                        <WinchPull job={job} fields={loads.winch} />
                        <LoadBeside job={job} fields={loads.beside} />
                    </div>
                </>
            )}
        </div>
    );
}

/** Sag and frequency of the chosen case, which compare before with after and nothing else. */
function gives(loads: LoadsProps, chosen: string): string {
    const of = (one: LoadsProps['before']) => one?.cases.find((each) => each.kind === chosen);
    const [was, is] = [of(loads.before), of(loads.after ?? loads.before)];
    if (is && (is.kind.startsWith('jacked') || is.kind === 'braking'))
        return 'Sag and frequency are told of a frame that stands on its wheels.';
    if (!is || is.sag === null) return 'No rail is entered between the axles, so that neither sag nor frequency can be told.';
    const sag = `${Math.abs(is.sag).toFixed(1)} mm ${is.sag < 0 ? 'up' : 'down'} midway between the axles`;
    const frequency = is.frequency === null ? '' : `, first bending at ${is.frequency.toFixed(1)} Hz`;
    const before =
        loads.after && was?.sag != null
            ? ` Before: ${Math.abs(was.sag).toFixed(1)} mm ${was.sag < 0 ? 'up' : 'down'}${was.frequency === null ? '' : `, ${was.frequency.toFixed(1)} Hz`}.`
            : '';
    return `${sag}${frequency}, on stiff springs with the section midway all along.${before} The two compare; neither is what is felt on the road.`;
}
