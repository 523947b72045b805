import { usePage } from '@inertiajs/react';
import { useEffect, useState } from 'react';
import { OwnStep } from '@/features/run/components/own-step';
import { RunLog } from '@/features/run/components/run-log';
import { RunOutbox } from '@/features/run/components/run-outbox';
import { StepCard } from '@/features/run/components/step-card';
import { ThenList } from '@/features/run/components/then-list';
import { useAlone } from '@/features/run/hooks/use-alone';
import { useRun } from '@/features/run/hooks/use-run';
import { asWritten, type WrittenStep } from '@/features/run/lib/as-written';
import { begunSteps } from '@/features/run/lib/begun-steps';
import { spoken } from '@/features/run/lib/speak';
import { keepPages } from '@/offline/keep-pages';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { RunPages } from '@/shared/ui/run-pages';
import { Trouble } from '@/shared/ui/trouble';
import type { JobProps, RunSheetProps } from '@/types/props';

/** What is next and why, what waits for what, and what has happened. */
export function RunBench({ job, initial }: { job: JobProps; initial: RunSheetProps }) {
    const { props, version } = usePage();
    const { run, trouble, silent, busy, write, change, outbox } = useRun(job.id, props.user?.id ?? 0, initial);
    useEffect(
        () => keepPages([path('run', { job: job.id }), path('survey', { job: job.id, survey: job.survey })], version),
        [job.id, job.survey, version],
    );
    const [opened, setOpened] = useState<string | null>(null);
    const steps = asWritten(run.steps, outbox.waiting);
    const of = (...states: string[]) => steps.filter((step) => states.includes(step.state));
    const possible = steps.filter((step) => step.state === 'possible' || (step.id === opened && step.state === 'blocked'));
    const later = of('blocked', 'impossible').filter((step) => step.id !== opened);
    const next = possible.find((step) => !step.isOnItsWay);
    const answer = run.log[0]?.kind === 'reading' ? 'Not yet. Look at the hold point' : '';
    const alone = useAlone(next ? spoken(next) : '', answer);
    const begun = begunSteps(run.log);
    const card = (step: WrittenStep, isFirst: boolean) => (
        <StepCard
            key={step.id}
            step={step}
            isFirst={isFirst}
            isBegun={begun.has(step.id)}
            weld={{ processes: run.processes, last: run.lastRun, heats: run.heats, zones: run.zones, arc: run.arc }}
            surveys={job.surveys.filter((one) => one.stage !== 'sister')}
            lastHeights={run.lastHeights}
            last={run.log.find((entry) => entry.step === step.id && entry.kind === 'reading')}
            trouble={trouble?.step === step.id ? trouble.message : null}
            busy={busy}
            canWork={job.can.work}
            onWrite={write}
            onRemove={() => void change('DELETE', path('run.remove', { job: job.id, step: step.id }), {})}
        />
    );
    return (
        <div className="flex min-h-0 flex-1 flex-col gap-6 bg-paper p-4 lg:overflow-y-auto [&>*]:shrink-0" tabIndex={-1}>
            <RunPages job={job.id} current="run" />
            <Head run={run} left={possible.length + later.length} alone={alone} />
            {run.conflict && (
                <Trouble title="No order is possible">
                    {run.conflict.map((one) => (
                        <p key={one}>{one}</p>
                    ))}
                </Trouble>
            )}
            {trouble?.step === '' && <Trouble title="Not done">{trouble.message}</Trouble>}
            <RunOutbox
                {...outbox}
                titles={Object.fromEntries(steps.map((step) => [step.id, step.title]))}
                at={run.at}
                silent={silent}
                onAgain={() => void outbox.flush()}
                onDespite={(entry) => void outbox.post({ ...entry, aside: undefined, despite: true })}
                onDrop={(entry) => void outbox.drop(entry)}
            />
            <div className="grid grid-cols-[minmax(0,1fr)] gap-8 xl:grid-cols-[minmax(0,1.5fr)_minmax(0,1fr)]">
                <div className="grid content-start gap-6">
                    <section aria-labelledby="possible" className="grid gap-4">
                        <h2 id="possible" className="text-3xl">
                            Possible now
                        </h2>
                        {possible.length === 0 && <p className="text-soft">Nothing.</p>}
                        {possible.map((step, i) => card(step, i === 0))}
                    </section>
                    <section aria-labelledby="then">
                        <h2 id="then" className="text-3xl">
                            Then
                        </h2>
                        <ThenList
                            steps={later}
                            arrows={run.arrows}
                            canWork={job.can.work}
                            onOrder={(first, then) => void change('POST', path('run.order', { job: job.id }), { first, then })}
                            onForget={({ first, then }) =>
                                void change('DELETE', path('run.forget-order', { job: job.id }), { first, then })
                            }
                            onOpen={setOpened}
                        />
                    </section>
                    {job.can.work && <OwnStep steps={run.steps} onAdd={(step) => change('POST', path('run.add', { job: job.id }), step)} />}
                    <Done steps={of('done')} />
                </div>
                <RunLog log={run.log} canWork={job.can.work} busy={busy} onWrite={write} />
            </div>
        </div>
    );
}

function Head({ run, left, alone }: { run: RunSheetProps; left: number; alone: ReturnType<typeof useAlone> }) {
    return (
        <header className="flex flex-wrap items-start justify-between gap-4">
            <div>
                <p className="text-lg">
                    {left === 0 ? (
                        'All steps are done. What is left is the hand-over, and who signs.'
                    ) : (
                        <>
                            <b className="font-semibold">
                                {left} {left === 1 ? 'step' : 'steps'} left.
                            </b>{' '}
                            <span className="tabular-nums">
                                {hours(run.minutesLeft)} for one person, {hours(run.longestChain)} at least; the vehicle is set up anew{' '}
                                {run.setups} {run.setups === 1 ? 'time' : 'times'}.
                            </span>
                        </>
                    )}
                </p>
                <p className="max-w-prose text-sm text-soft">
                    The order follows from plan, parts and rules of the trade; it orders and records, and releases nothing. Above it stand
                    the vehicle maker’s instructions, the law of the place, and licensed practice.
                </p>
            </div>
            <Button className="min-h-16" aria-pressed={alone.isAlone} onClick={() => alone.setAlone(!alone.isAlone)}>
                {alone.isAlone ? '● Working alone: read to me' : 'Work alone: read to me, keep the screen on'}
            </Button>
        </header>
    );
}

function Done({ steps }: { steps: WrittenStep[] }) {
    if (steps.length === 0) return null;
    return (
        <section aria-labelledby="done">
            <h2 id="done" className="text-3xl">
                Done
            </h2>
            <ol>
                {steps.map((step) => (
                    <li key={step.id} className="flex flex-wrap justify-between gap-x-4 border-t border-line py-2">
                        <span>
                            {step.isOtherwise ? '▲' : '■'} {step.title}
                            {step.isOtherwise && ', not as planned'}
                            {step.isEarly && <b className="font-semibold">, before {step.waitsFor.map((one) => one.title).join('; ')}</b>}
                        </span>
                        <span className="text-sm text-soft">
                            {step.by}, {new Date(step.at).toLocaleString()}
                        </span>
                    </li>
                ))}
            </ol>
        </section>
    );
}

function hours(minutes: number): string {
    return minutes < 60 ? `${minutes.toFixed(0)} min` : `${Math.floor(minutes / 60)} h ${(minutes % 60).toFixed(0)} min`;
}
