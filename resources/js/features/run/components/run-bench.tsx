import { OwnStep } from '@/features/run/components/own-step';
import { RunLog } from '@/features/run/components/run-log';
import { StepCard } from '@/features/run/components/step-card';
import { useRun } from '@/features/run/hooks/use-run';
import { path } from '@/shared/lib/path';
import { Trouble } from '@/shared/ui/trouble';
import type { JobProps, RunSheetProps } from '@/types/props';

/** What is next and why, what waits for what, and what has happened. */
export function RunBench({ job, initial }: { job: JobProps; initial: RunSheetProps }) {
    const { run, trouble, busy, write, change } = useRun(job.id, initial);
    const [possible, blocked, done] = ['possible', 'blocked', 'done'].map((state) => run.steps.filter((step) => step.state === state));
    const left = (possible?.length ?? 0) + (blocked?.length ?? 0);
    return (
        <div className="flex min-h-0 flex-1 flex-col gap-6 bg-paper p-4 lg:overflow-y-auto [&>*]:shrink-0" tabIndex={-1}>
            <header>
                <p className="text-lg">
                    {left === 0 ? (
                        'All steps are done. What is left is the survey of the hand-over, and who signs.'
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
            </header>
            {run.conflict && (
                <Trouble title="No order is possible">
                    {run.conflict.map((one) => (
                        <p key={one}>{one}</p>
                    ))}
                </Trouble>
            )}
            {trouble?.step === '' && <Trouble title="Not written down">{trouble.message}</Trouble>}
            <div className="grid grid-cols-[minmax(0,1fr)] gap-8 xl:grid-cols-[minmax(0,1.5fr)_minmax(0,1fr)]">
                <div className="grid content-start gap-6">
                    <section aria-labelledby="possible" className="grid gap-4">
                        <h2 id="possible" className="text-3xl">
                            Possible now
                        </h2>
                        {possible?.length === 0 && <p className="text-soft">Nothing.</p>}
                        {possible?.map((step, i) => (
                            <StepCard
                                key={step.id}
                                step={step}
                                isFirst={i === 0}
                                weld={{
                                    processes: run.processes,
                                    last: run.lastRun,
                                    heat: run.heats.find((one) => one.joint === step.joint),
                                }}
                                last={run.log.find((entry) => entry.step === step.id && entry.kind === 'reading')}
                                trouble={trouble?.step === step.id ? trouble.message : null}
                                busy={busy}
                                canWork={job.can.work}
                                onWrite={write}
                                onRemove={() => void change('DELETE', path('run.remove', { job: job.id, step: step.id }), {})}
                            />
                        ))}
                    </section>
                    <section aria-labelledby="then">
                        <h2 id="then" className="text-3xl">
                            Then
                        </h2>
                        <ol>
                            {blocked?.map((step) => (
                                <li key={step.id} className="border-t border-line py-2">
                                    <p className="flex justify-between gap-4">
                                        <span>
                                            {step.hold && <b className="font-semibold">◇ </b>}
                                            {step.title}
                                        </span>
                                        <span className="text-soft tabular-nums">{step.minutes.toFixed(0)} min</span>
                                    </p>
                                    <p className="text-sm text-soft">waits for: {step.waitsFor.join('; ')}</p>
                                </li>
                            ))}
                        </ol>
                    </section>
                    {job.can.work && <OwnStep steps={run.steps} onAdd={(step) => change('POST', path('run.add', { job: job.id }), step)} />}
                    {done && done.length > 0 && (
                        <section aria-labelledby="done">
                            <h2 id="done" className="text-3xl">
                                Done
                            </h2>
                            <ol>
                                {done.map((step) => (
                                    <li key={step.id} className="flex flex-wrap justify-between gap-x-4 border-t border-line py-2">
                                        <span>
                                            {step.isOtherwise ? '▲' : '■'} {step.title}
                                            {step.isOtherwise && ', not as planned'}
                                            {step.isEarly && <b className="font-semibold">, before {step.waitsFor.join('; ')}</b>}
                                        </span>
                                        <span className="text-sm text-soft">
                                            {step.by}, {new Date(step.at).toLocaleString()}
                                        </span>
                                    </li>
                                ))}
                            </ol>
                        </section>
                    )}
                </div>
                <RunLog log={run.log} canWork={job.can.work} busy={busy} onWrite={write} />
            </div>
        </div>
    );
}

function hours(minutes: number): string {
    return minutes < 60 ? `${minutes.toFixed(0)} min` : `${Math.floor(minutes / 60)} h ${(minutes % 60).toFixed(0)} min`;
}
