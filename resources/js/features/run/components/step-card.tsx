import { useState } from 'react';
import type { Entry } from '@/features/run/hooks/use-run';
import { WeldRun } from '@/features/run/components/weld-run';
import { useUnits } from '@/shared/hooks/units';
import { formatDeviation, formatLength } from '@/shared/lib/format';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import { Trouble } from '@/shared/ui/trouble';
import type { JointHeatProps, LogEntryProps, RunStepProps } from '@/types/props';

interface Props {
    step: RunStepProps;
    /** Of all that are possible, the one to do next. */
    isFirst: boolean;
    /** What was read at its hold point last, where the work did not go on. */
    last: LogEntryProps | undefined;
    /** Processes, what was welded with last, and how warm the joint is. */
    weld: { processes: string[]; last: Record<string, unknown>; heat: JointHeatProps | undefined };
    trouble: string | null;
    busy: boolean;
    canWork: boolean;
    onWrite: (entry: Entry) => Promise<boolean>;
    onRemove: () => void;
}

const ACTIONS: Record<string, string> = {
    'go-on': 'Go on.',
    'measure-again': 'Measure again: the mean of more readings settles it.',
    move: 'Open the tack and move it.',
    stop: 'Stop: no move can settle it now.',
};

/** A step that is possible now, large enough for a glove: done, not as planned, or stop. */
export function StepCard({ step, isFirst, last, weld, trouble, busy, canWork, onWrite, onRemove }: Props) {
    const { unit, denominator } = useUnits();
    const [reading, setReading] = useState('');
    const [isSeenTo, setSeenTo] = useState(false);
    const [otherwise, setOtherwise] = useState<'otherwise' | 'stop' | null>(null);
    const [text, setText] = useState('');
    const { hold } = step;
    const done = () => void onWrite({ step: step.id, kind: 'done', unit, isSeenTo, ...(reading !== '' && { reading }) });
    return (
        <article aria-label={step.title} className="grid gap-3 border border-ink p-4">
            <div className="flex flex-wrap items-baseline justify-between gap-x-4">
                <h3 className="text-2xl">{step.title}</h3>
                <span className="text-soft tabular-nums">{step.minutes.toFixed(0)} min</span>
            </div>
            {step.cautions.length > 0 && (
                <ul className="border-l-[6px] border-unsure pl-3">
                    {step.cautions.map((one) => (
                        <li key={one}>⚠ {one}</li>
                    ))}
                </ul>
            )}
            {step.asksCautions && canWork && (
                <label className="flex min-h-14 items-center gap-3 text-lg">
                    <input type="checkbox" className="size-7" checked={isSeenTo} onChange={(event) => setSeenTo(event.target.checked)} />
                    Seen to, all of it
                </label>
            )}
            {hold && (
                <div className="grid gap-2 border-l-[6px] border-ink pl-3">
                    <p>
                        <b className="font-semibold">Hold point.</b> {hold.what}.
                        {hold.target !== null && hold.tolerance !== null && (
                            <span className="block tabular-nums">
                                At the end {formatLength(hold.target, unit, denominator)} ±{' '}
                                {formatLength(hold.tolerance, unit, denominator)} {unit}
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
                    {hold.target !== null && canWork && (
                        <Field
                            label={`It reads, ${unit}`}
                            inputMode="decimal"
                            className="max-w-60"
                            value={reading}
                            onChange={(event) => setReading(event.target.value)}
                        />
                    )}
                    {last?.action && last.action !== 'go-on' && (
                        <div role="status">
                            <Trouble title={`${formatLength(last.reading ?? 0, unit, denominator)} ${unit}: not yet`}>
                                {ACTIONS[last.action]} At the end it would be off by {formatDeviation(last.expected ?? 0, unit)} ±{' '}
                                {formatDeviation(last.uncertainty ?? 0, unit, false)} {unit}
                                {last.action === 'move' && `: best moved by ${formatDeviation(last.move ?? 0, unit)} ${unit}`}.
                            </Trouble>
                        </div>
                    )}
                </div>
            )}
            {trouble && (
                <div role="alert">
                    <Trouble title="Not written down">{trouble}</Trouble>
                </div>
            )}
            {canWork && (
                <div className="flex flex-wrap gap-3">
                    <Button
                        look={isFirst ? 'now' : 'plain'}
                        className="min-h-16 flex-1 text-xl"
                        disabled={busy || (step.asksCautions && !isSeenTo)}
                        onClick={done}
                    >
                        Done
                    </Button>
                    <Button
                        className="min-h-16 text-lg"
                        aria-expanded={otherwise === 'otherwise'}
                        onClick={() => setOtherwise('otherwise')}
                    >
                        Not as planned
                    </Button>
                    <Button className="min-h-16 text-lg" aria-expanded={otherwise === 'stop'} onClick={() => setOtherwise('stop')}>
                        Stop
                    </Button>
                    {step.isOwn && (
                        <Button look="quiet" onClick={onRemove}>
                            Take it out
                        </Button>
                    )}
                </div>
            )}
            {canWork && ['tack', 'weld'].includes(step.kind) && <WeldRun step={step.id} {...weld} busy={busy} onWrite={onWrite} />}
            {otherwise && (
                <div className="flex flex-wrap items-end gap-3">
                    <Field
                        label={otherwise === 'stop' ? 'Why it stops' : 'What was done instead, and what came of it'}
                        className="min-w-60 flex-1"
                        value={text}
                        maxLength={4000}
                        onChange={(event) => setText(event.target.value)}
                    />
                    <Button
                        disabled={busy}
                        onClick={() =>
                            void onWrite({ step: step.id, kind: otherwise, text }).then((stored) => {
                                if (stored) {
                                    setOtherwise(null);
                                    setText('');
                                }
                            })
                        }
                    >
                        Write it down
                    </Button>
                </div>
            )}
        </article>
    );
}
