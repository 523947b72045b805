import { Head, Link } from '@inertiajs/react';
import { useState } from 'react';
import { FrameDrawing } from '@/shared/drawing/components/frame-drawing';
import { AnswerForm } from '@/features/practice/components/answer-form';
import { CallLine } from '@/features/practice/components/call-line';
import { PracticeLog } from '@/features/practice/components/practice-log';
import { ScoreSheet } from '@/features/practice/components/score-sheet';
import { usePractice } from '@/features/practice/hooks/use-practice';
import { UnitProvider, useUnits } from '@/shared/hooks/units';
import { path } from '@/shared/lib/path';
import { TopBar } from '@/shared/ui/top-bar';
import { UnitSwitch } from '@/shared/ui/unit-switch';
import type { PracticeProps } from '@/types/props';

export default function PracticeRunPage({ run }: { run: PracticeProps }) {
    return (
        <UnitProvider job={-1} units="mm" denominator={32}>
            <Exercise key={run.id} initial={run} />
        </UnitProvider>
    );
}

function Exercise({ initial }: { initial: PracticeProps }) {
    const { run, trouble, measure, answer } = usePractice(initial);
    const { unit, setUnit } = useUnits();
    const [chosen, setChosen] = useState<number | null>(null);
    const [accused, setAccused] = useState<number[]>([]);
    const [factor, setFactor] = useState(20);
    const reading = run.readings.find((one) => one.number === chosen);
    const done = run.score !== null;
    return (
        <div className="flex min-h-dvh flex-col lg:h-dvh">
            <Head title={`Frame ${run.seed}`} />
            <TopBar>
                <h1 className="min-w-0 truncate text-xl sm:border-l sm:border-ink sm:pl-4 sm:text-2xl">Frame {run.seed}</h1>
                <p className="flex-1 truncate text-soft max-sm:hidden">
                    {run.level}, {run.readings.length} of about {run.par} readings
                </p>
                <UnitSwitch unit={unit} onChange={setUnit} />
                <Link href={path('practice')} className="flex min-h-11 items-center underline underline-offset-4">
                    Practice bay
                </Link>
            </TopBar>
            <main className="flex min-h-0 flex-1 flex-col lg:flex-row">
                <div className="flex min-h-[300px] min-w-0 flex-1 flex-col">
                    <FrameDrawing
                        points={run.points}
                        axles={[]}
                        chosen={reading?.points ?? []}
                        bar={reading ? { kind: reading.kind, points: reading.points, text: String(reading.value) } : null}
                        factor={factor}
                        onFactor={setFactor}
                        summary={
                            done
                                ? 'The frame as it really is, over its chart.'
                                : 'The chart of the frame; how it really is, is for you to find out.'
                        }
                    />
                </div>
                <div
                    className="flex min-h-0 flex-col gap-5 border-ink bg-paper p-4 max-lg:border-t lg:w-[480px] relative lg:overflow-y-auto lg:border-l"
                    tabIndex={-1}
                >
                    {done ? <ScoreSheet run={run} /> : <CallLine trouble={trouble} onCall={measure} />}
                    {!done && <AnswerForm accused={accused} onAnswer={(findings) => answer(findings, accused)} />}
                    <PracticeLog
                        readings={run.readings}
                        chosen={chosen}
                        accused={accused}
                        onChoose={setChosen}
                        onAccuse={
                            done
                                ? null
                                : (number) =>
                                      setAccused((now) => (now.includes(number) ? now.filter((one) => one !== number) : [...now, number]))
                        }
                    />
                </div>
            </main>
        </div>
    );
}
