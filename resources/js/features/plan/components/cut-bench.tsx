import { Link } from '@inertiajs/react';
import { useState } from 'react';
import { CutHandle } from '@/features/plan/components/cut-handle';
import { CutStrip } from '@/features/plan/components/cut-strip';
import { SpreadGuide } from '@/features/plan/components/spread-guide';
import { StandForm } from '@/features/plan/components/stand-form';
import { FrameDrawing } from '@/shared/drawing/components/frame-drawing';
import { useUnits } from '@/shared/hooks/units';
import { formatLength } from '@/shared/lib/format';
import { path } from '@/shared/lib/path';
import { say } from '@/shared/lib/say';
import { Ask } from '@/shared/ui/ask';
import { Button } from '@/shared/ui/button';
import { PlanPages } from '@/shared/ui/plan-pages';
import { Trouble } from '@/shared/ui/trouble';
import type { CutPageProps, JobProps } from '@/types/props';

/** The page where it is decided where to cut: a strip along the rail, every reason by name, live while the cut moves. */
export function CutBench({ job, cut }: { job: JobProps; cut: CutPageProps }) {
    const { unit, denominator } = useUnits();
    const [front = 0, rear = 1000] = cut.span ?? [];
    const [station, setStation] = useState(cut.cuts[0] ?? cut.windows[0]?.best ?? Math.round((front + rear) / 2));
    const show = (mm: number) => `${formatLength(mm, unit, denominator)} ${unit}`;
    const broken = cut.forbidden.filter((one) => station > one.from && station < one.to);
    return (
        <div className="flex min-h-0 flex-1 flex-col lg:flex-row">
            <div className="flex min-h-[320px] min-w-0 flex-1 flex-col max-lg:h-[46dvh] max-lg:flex-none">
                <FrameDrawing
                    points={cut.points}
                    axles={cut.axles}
                    body={job.body}
                    named={false}
                    summary="Where the rails may be cut, along the station; the lists beside it say the same."
                >
                    {(scene) => (
                        <>
                            <CutStrip scene={scene} forbidden={cut.forbidden} windows={cut.windows} />
                            {cut.span && (
                                <CutHandle
                                    scene={scene}
                                    name="here"
                                    at={station}
                                    bandEnd={station}
                                    limits={[front, rear]}
                                    disabled={false}
                                    onMove={setStation}
                                    onPlace={setStation}
                                />
                            )}
                        </>
                    )}
                </FrameDrawing>
            </div>
            <div
                className="relative flex min-h-0 flex-col gap-5 border-ink bg-paper p-4 max-lg:border-t lg:w-[480px] lg:overflow-y-auto lg:border-l [&>*]:shrink-0"
                tabIndex={-1}
            >
                <PlanPages job={job.id} current="cut" />
                {cut.trouble && <Trouble title="Not worked out">{cut.trouble.message}</Trouble>}
                {!cut.span ? (
                    <p>
                        No rails are entered. Give them on the page{' '}
                        <Link className="underline underline-offset-4" href={path('chassis', { job: job.id })}>
                            Frame
                        </Link>
                        , with what is fastened to them; then this page says where they may be cut.
                    </p>
                ) : (
                    <>
                        <section aria-labelledby="here" aria-live="polite">
                            <h2 id="here" className="text-2xl">
                                Cut at <Ask about="window">{show(station)}</Ask>
                            </h2>
                            {broken.length === 0 ? (
                                <p className="mt-1">○ Allowed: no rule is broken here.</p>
                            ) : (
                                <>
                                    <p className="mt-1 font-semibold text-out">
                                        ■ {broken.length === 1 ? 'One rule is broken' : `${broken.length} rules are broken`}
                                    </p>
                                    <ul className="mt-1 grid gap-1">
                                        {broken.map((one, i) => (
                                            <li key={i} className="border-l-[6px] border-out pl-3">
                                                {say(one.why, unit)}; free {show(Math.min(station - one.from, one.to - station))}{' '}
                                                {station - one.from < one.to - station ? 'further forward' : 'further back'}
                                            </li>
                                        ))}
                                    </ul>
                                </>
                            )}
                        </section>
                        <section aria-labelledby="windows">
                            <h2 id="windows" className="text-2xl">
                                Where it may be cut
                            </h2>
                            <p className="text-soft">Both rails at one station, {cut.rankedBy}.</p>
                            {cut.windows.length === 0 ? (
                                <p className="mt-1">
                                    ■ No station is free of all rules. Shorten what is put in, take a bracket or tank off first, fill a
                                    hole, or set the shop’s own clearances; the maker’s body-builder instructions say what is allowed at
                                    all.
                                </p>
                            ) : (
                                <ol className="mt-1 grid gap-2">
                                    {cut.windows.map((one, i) => (
                                        <li key={one.from} className="flex items-start gap-3">
                                            <span className="w-6 pt-2 text-right font-head text-lg font-semibold">{i + 1}</span>
                                            <span className="flex-1 pt-2">{say(one.text, unit)}</span>
                                            <Button onClick={() => setStation(one.best)} aria-label={`Look at window ${i + 1}`}>
                                                Look
                                            </Button>
                                        </li>
                                    ))}
                                </ol>
                            )}
                        </section>
                        <StandForm job={job.id} cut={station} fields={cut.standFields} />
                        <SpreadGuide job={job.id} initial={cut.spread} />
                        <p className="border border-ink px-3 py-2">
                            The vehicle maker’s body-builder instructions, local rules and a licensed engineer decide whether and where this
                            frame may be cut; the rules here are this shop’s own and only keep clear of what is entered.
                        </p>
                    </>
                )}
            </div>
        </div>
    );
}
