import { useState } from 'react';
import { SpliceHold } from '@/features/practice/components/splice-hold';
import { SpliceScore } from '@/features/practice/components/splice-score';
import { send } from '@/shared/lib/http';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { Trouble } from '@/shared/ui/trouble';
import type { PracticeSpliceProps } from '@/types/props';

export interface Act {
    kind: 'do' | 'marks' | 'heights' | 'move' | 'jack' | 'weld' | 'wait';
    step?: string;
    amount?: number;
}

const MEASURED = ['posts', 'op1-tack', 'op1-root', 'op1-weld'];

/** A splice to be made: steps in whatever order, hold points read or not, the root piece by piece. */
export function SpliceBench({ initial }: { initial: PracticeSpliceProps }) {
    const [splice, setSplice] = useState(initial);
    const [trouble, setTrouble] = useState<string | null>(null);
    const post = async (to: 'practice.splice-act' | 'practice.splice-finish', body: unknown) => {
        const answer = await send<PracticeSpliceProps>('POST', path(to, { splice: splice.id }), body);
        if (answer.state === 'ok') setSplice(answer.body);
        setTrouble(answer.state === 'refused' || answer.state === 'unreachable' ? answer.message : null);
    };
    const act = (one: Act) => void post('practice.splice-act', one);
    const done = splice.steps.filter((step) => step.state === 'done');
    const left = splice.steps.filter((step) => step.state !== 'done');
    const isFinished = splice.score !== null;
    return (
        <main className="mx-auto grid max-w-6xl gap-8 px-4 py-6 lg:grid-cols-[1.3fr_1fr]">
            <div className="grid content-start gap-6">
                {isFinished && <SpliceScore splice={splice} />}
                {trouble && <Trouble title="Not done">{trouble}</Trouble>}
                {!isFinished && (
                    <p className="max-w-prose text-soft">
                        A frame is stretched by 640 mm at one joint. The steps lie here as they fell: take them in the right order, read
                        what has to be read before you go on, and weld the root so that its heat stays in balance. What the joint draws in,
                        how it was tacked and what the posts put in, nobody tells you.
                    </p>
                )}
                <section aria-labelledby="steps">
                    <h2 id="steps" className="text-3xl">
                        Steps, {done.length} of {splice.steps.length} done
                    </h2>
                    <ul className="mt-1">
                        {left.map((step) => (
                            <li key={step.id} className="flex flex-wrap items-center gap-3 border-t border-line py-2">
                                <span className="min-w-60 flex-1">
                                    {MEASURED.includes(step.id) && <b className="font-semibold">◇ </b>}
                                    {step.title}
                                </span>
                                {!isFinished && (
                                    <>
                                        {MEASURED.includes(step.id) && (
                                            <Button onClick={() => act({ kind: step.id === 'posts' ? 'heights' : 'marks', step: step.id })}>
                                                {step.id === 'posts' ? 'Read the four corners' : 'Read the marks'}
                                            </Button>
                                        )}
                                        <Button onClick={() => act({ kind: 'do', step: step.id })} aria-label={`Do: ${step.title}`}>
                                            Do it
                                        </Button>
                                    </>
                                )}
                            </li>
                        ))}
                    </ul>
                </section>
                {done.length > 0 && (
                    <section aria-labelledby="done-steps">
                        <h2 id="done-steps" className="text-2xl">
                            Done
                        </h2>
                        <ul className="text-soft">
                            {done.map((step) => (
                                <li key={step.id}>■ {step.title}</li>
                            ))}
                        </ul>
                    </section>
                )}
            </div>
            <div className="grid content-start gap-6">
                <SpliceHold splice={splice} canAct={!isFinished} onAct={act} />
                <section aria-labelledby="root">
                    <h2 id="root" className="text-3xl">
                        Pieces of the root
                    </h2>
                    <p className="text-sm text-soft">
                        Weld them one after the other, before the step of the root counts as done; none where it is over 100 °C.
                    </p>
                    {!isFinished && (
                        <Button className="mt-2" onClick={() => act({ kind: 'wait', amount: 5 })}>
                            Wait five minutes
                        </Button>
                    )}
                    <ul className="mt-2 grid gap-1">
                        {splice.pieces.map((piece) => (
                            <li key={piece.place}>
                                <button
                                    type="button"
                                    disabled={piece.order !== null || isFinished}
                                    onClick={() => act({ kind: 'weld', amount: piece.place })}
                                    className="flex min-h-11 w-full justify-between border border-line px-3 text-left disabled:text-soft"
                                >
                                    <span className="content-center">{piece.label}</span>
                                    <span className="content-center tabular-nums">
                                        {piece.warmth.toFixed(0)} °C{piece.order === null ? '' : ` ■ ${piece.order}`}
                                    </span>
                                </button>
                            </li>
                        ))}
                    </ul>
                </section>
                {!isFinished && (
                    <Button look="now" className="min-h-16 text-xl" onClick={() => void post('practice.splice-finish', {})}>
                        Hand it over, and see how it went
                    </Button>
                )}
            </div>
        </main>
    );
}
