import { useState } from 'react';
import { HoldForm, NotYet, type Found } from '@/features/run/components/hold-form';
import { WeldRun, type Weld } from '@/features/run/components/weld-run';
import type { WrittenStep } from '@/features/run/lib/as-written';
import type { Draft } from '@/features/run/lib/entry-body';
import { useUnits } from '@/shared/hooks/units';
import { formatDeviation, formatLength } from '@/shared/lib/format';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import { Trouble } from '@/shared/ui/trouble';
import type { HoldProps, LogEntryProps, SurveyTabProps } from '@/types/props';

interface Props {
    step: WrittenStep;
    /** Of all that are possible, the one to do next. */
    isFirst: boolean;
    /** What was found at its hold point last, where the work did not go on. */
    last: LogEntryProps | undefined;
    isBegun: boolean;
    weld: Weld;
    surveys: SurveyTabProps[];
    lastHeights: Record<string, unknown>;
    trouble: string | null;
    busy: boolean;
    canWork: boolean;
    onWrite: (entry: Draft) => Promise<boolean>;
    onRemove: () => void;
}

/** A step that is possible now, large enough for a glove: done, not as planned, or stop. */
export function StepCard({ step, isFirst, last, isBegun, weld, surveys, lastHeights, trouble, busy, canWork, onWrite, onRemove }: Props) {
    const { unit } = useUnits();
    const [found, setFound] = useState<Found | null>(step.hold && step.hold.ways[0] !== 'look' ? null : {});
    const [isSeenTo, setSeenTo] = useState(false);
    const { hold } = step;
    const done = () => void onWrite({ step: step.id, kind: 'done', unit, isSeenTo, ...found });
    return (
        <article aria-label={step.title} className="grid gap-3 border border-ink p-4">
            <div className="flex flex-wrap items-baseline justify-between gap-x-4">
                <h3 className="text-2xl">{step.title}</h3>
                <span className="text-soft tabular-nums">
                    {isBegun && '▷ begun, '}
                    {step.minutes.toFixed(0)} min
                </span>
            </div>
            {step.cautions.length > 0 && (
                <ul className="border-l-[6px] border-unsure pl-3">
                    {step.cautions.map((one) => (
                        <li key={one}>⚠ {one}</li>
                    ))}
                </ul>
            )}
            {step.asksCautions && canWork && (
                <label className="flex min-h-16 items-center gap-3 text-lg">
                    <input type="checkbox" className="size-7" checked={isSeenTo} onChange={(event) => setSeenTo(event.target.checked)} />
                    Seen to, all of it
                </label>
            )}
            {hold && (
                <div className="grid gap-2 border-l-[6px] border-ink pl-3">
                    <What hold={hold} />
                    {canWork && <HoldForm hold={hold} surveys={surveys} lastHeights={lastHeights} onFound={setFound} />}
                    {last?.action && last.action !== 'go-on' && <NotYet last={last} />}
                </div>
            )}
            {step.shutsOut.length > 0 && <p className="font-medium">▲ After it cannot be done any more: {step.shutsOut.join('; ')}.</p>}
            {trouble && (
                <div role="alert">
                    <Trouble title="Not written down">{trouble}</Trouble>
                </div>
            )}
            {step.isOnItsWay && (
                <p role="status">
                    ◷ Written down here, and sent as soon as the server answers
                    {hold?.target !== null && hold ? '; what was read is judged then' : ''}.
                </p>
            )}
            {canWork && (
                <Actions
                    step={step}
                    isFirst={isFirst}
                    isBegun={isBegun}
                    isReady={!busy && found !== null && (!step.asksCautions || isSeenTo)}
                    onDone={done}
                    onWrite={onWrite}
                    onRemove={onRemove}
                />
            )}
            {canWork && ['tack', 'weld'].includes(step.kind) && (
                <WeldRun step={step.id} joint={step.joint} weld={weld} busy={busy} onWrite={onWrite} />
            )}
        </article>
    );
}

function What({ hold }: { hold: HoldProps }) {
    const { unit, denominator } = useUnits();
    return (
        <p>
            <b className="font-semibold">Hold point.</b> {hold.what}.
            {hold.target !== null && hold.tolerance !== null && (
                <span className="block tabular-nums">
                    At the end {formatLength(hold.target, unit, denominator)} ± {formatLength(hold.tolerance, unit, denominator)} {unit}
                    {hold.pending !== null && hold.pending !== 0 && (
                        <>
                            ; shrinkage still to come {formatDeviation(hold.pending, unit)} ±{' '}
                            {formatDeviation(2 * (hold.pendingSigma ?? 0), unit, false)} {unit},{' '}
                            {hold.cases === 0
                                ? 'by estimate'
                                : `by estimate and ${hold.cases} ${hold.cases === 1 ? 'cut' : 'cuts'} of this shop`}
                        </>
                    )}
                    .
                </span>
            )}
        </p>
    );
}

interface ActionsProps {
    step: WrittenStep;
    isFirst: boolean;
    isBegun: boolean;
    isReady: boolean;
    onDone: () => void;
    onWrite: (entry: Draft) => Promise<boolean>;
    onRemove: () => void;
}

function Actions({ step, isFirst, isBegun, isReady, onDone, onWrite, onRemove }: ActionsProps) {
    const [otherwise, setOtherwise] = useState<'otherwise' | 'stop' | null>(null);
    const [text, setText] = useState('');
    const write = (kind: 'otherwise' | 'stop') =>
        void onWrite({ step: step.id, kind, text }).then((taken) => {
            if (!taken) return;
            setOtherwise(null);
            setText('');
        });
    return (
        <>
            <div className="grid gap-3 sm:flex sm:flex-wrap">
                <Button look={isFirst ? 'now' : 'plain'} className="min-h-16 flex-1 text-xl" disabled={!isReady} onClick={onDone}>
                    Done
                </Button>
                <Button className="min-h-16 text-lg" aria-expanded={otherwise === 'otherwise'} onClick={() => setOtherwise('otherwise')}>
                    Not as planned
                </Button>
                <Button className="min-h-16 text-lg" aria-expanded={otherwise === 'stop'} onClick={() => setOtherwise('stop')}>
                    Stop
                </Button>
                {!isBegun && (
                    <Button look="quiet" className="min-h-16" onClick={() => void onWrite({ step: step.id, kind: 'begun' })}>
                        Begin: time it
                    </Button>
                )}
                {step.isOwn && (
                    <Button look="quiet" className="min-h-16" onClick={onRemove}>
                        Take it out
                    </Button>
                )}
            </div>
            {otherwise && (
                <div className="flex flex-wrap items-end gap-3">
                    <Field
                        label={otherwise === 'stop' ? 'Why it stops' : 'What was done instead, and what came of it'}
                        className="min-w-60 flex-1"
                        value={text}
                        maxLength={4000}
                        onChange={(event) => setText(event.target.value)}
                    />
                    <Button className="min-h-16" onClick={() => write(otherwise)}>
                        Write it down
                    </Button>
                </div>
            )}
        </>
    );
}
