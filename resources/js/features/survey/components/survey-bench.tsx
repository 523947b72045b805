import { usePage } from '@inertiajs/react';
import { useCallback, useState } from 'react';
import { FrameDrawing } from '@/features/drawing/components/frame-drawing';
import { Answer, type Said } from '@/features/survey/components/answer';
import { PointStrip, ReadingStrip } from '@/features/survey/components/chosen-strip';
import { Doubts } from '@/features/survey/components/doubts';
import { OutboxNotice } from '@/features/survey/components/outbox-notice';
import { Progress } from '@/features/survey/components/progress';
import { ReadingLine } from '@/features/survey/components/reading-line';
import { ReadingList } from '@/features/survey/components/reading-list';
import { StrikeSheet } from '@/features/survey/components/strike-sheet';
import { useOutbox, type Outcome } from '@/features/survey/hooks/use-outbox';
import type { useSurvey } from '@/features/survey/hooks/use-survey';
import { compose } from '@/features/survey/lib/compose';
import { readingName } from '@/features/survey/lib/words';
import { useUnits } from '@/shared/hooks/units';
import { useHotkeys } from '@/shared/hooks/use-hotkeys';
import { newId } from '@/shared/lib/new-id';
import { path } from '@/shared/lib/path';
import { Trouble } from '@/shared/ui/trouble';
import type { JobProps, ReadingProps } from '@/types/props';

type Chosen = { kind: 'reading' | 'point'; id: string } | null;

/** The stage where the frame is read: drawing, reading line, log. */
export function SurveyBench({ job, live }: { job: JobProps; live: ReturnType<typeof useSurvey> }) {
    const { survey, take } = live;
    const { unit } = useUnits();
    const { user } = usePage().props;
    const [text, setText] = useState('');
    const [said, setSaid] = useState<Said | null>(null);
    const [chosen, setChosen] = useState<Chosen>(null);
    const [striking, setStriking] = useState<ReadingProps | null>(null);
    const [correcting, setCorrecting] = useState<ReadingProps | null>(null);
    const [suggestion, setSuggestion] = useState(0);
    const [factor, setFactor] = useState(20);

    const onOutcome = useCallback(
        (outcome: Outcome) => {
            if (outcome.state === 'refused') {
                setText((now) => now || outcome.entry.call);
                setSaid({ state: 'refused', message: outcome.message });
                return;
            }
            take(outcome.survey);
            const reading = outcome.survey.readings.find((one) => one.id === outcome.entry.id);
            if (reading) {
                setSaid({
                    state: 'stored',
                    reading,
                    others: Math.max(0, (outcome.survey.network?.readings ?? 1) - (reading.state === 'doubtful' ? 0 : 1)),
                });
                setChosen({ kind: 'reading', id: reading.id });
            }
            setSuggestion(0);
        },
        [take],
    );
    const outbox = useOutbox(path('readings', { job: job.id, survey: job.survey }), user?.id ?? 0, onOutcome);

    const next = correcting ? null : (survey.next[Math.min(suggestion, survey.next.length - 1)] ?? null);
    const enter = () => {
        if (text.trim() === '') return;
        outbox.post({ id: newId(), call: compose(text, next, correcting), unit, supersedes: correcting?.id ?? null, typedAt: Date.now() });
        setText('');
        setCorrecting(null);
    };
    const again = (reading: ReadingProps) => {
        setCorrecting(reading);
        setChosen({ kind: 'reading', id: reading.id });
        document.querySelector<HTMLInputElement>('input[aria-label="Reading"]')?.focus();
    };
    const undo = async () => {
        const answer = await live.undo();
        if (answer.state === 'ok') setSaid({ state: 'told', message: answer.body.undone ?? 'There is nothing of yours to undo.' });
        else if (answer.state !== 'nothing') setSaid({ state: 'refused', message: answer.message });
    };
    const reading = chosen?.kind === 'reading' ? survey.readings.find((one) => one.id === chosen.id) : undefined;
    const point = chosen?.kind === 'point' ? survey.points.find((one) => one.id === chosen.id) : undefined;
    useHotkeys({ z: () => void undo(), s: () => reading && setStriking(reading) });

    const doubtful = survey.readings.filter((one) => one.state === 'doubtful');
    const bar = reading ? { kind: reading.kind, points: reading.points, text: reading.typed } : null;
    return (
        <div className="flex min-h-0 flex-1 flex-col lg:flex-row">
            <div className="flex min-h-0 min-w-0 flex-1 flex-col">
                <div className="flex min-h-[230px] flex-1 flex-col max-lg:h-[42dvh] max-lg:flex-none max-sm:h-[270px]">
                    <FrameDrawing
                        points={survey.points}
                        axles={survey.axles}
                        chosen={reading?.points ?? (point ? [point.id] : (next?.points ?? []))}
                        bar={bar}
                        factor={factor}
                        onFactor={setFactor}
                        onChoose={(id) => setChosen({ kind: 'point', id })}
                        revision={survey.revision}
                        summary={`The frame from above and from the left: ${survey.progress.settled} of ${survey.progress.coordinates} coordinates settled, ${doubtful.length} readings do not fit. Findings lists every point.`}
                    />
                </div>
                <div className="min-h-[84px] border-t border-ink bg-paper max-lg:hidden">
                    {reading ? (
                        <ReadingStrip
                            reading={reading}
                            canStrike={job.can.strike}
                            canWork={job.can.work}
                            onStrike={() => setStriking(reading)}
                            onRestore={() => void live.restore(reading.id)}
                            onAgain={() => again(reading)}
                        />
                    ) : point ? (
                        <PointStrip point={point} />
                    ) : (
                        <p className="px-5 py-7 text-soft">Choose a point on the drawing or a reading in the list to see its numbers.</p>
                    )}
                </div>
            </div>
            <div className="flex min-h-0 flex-col gap-3 border-ink bg-paper p-4 max-lg:border-t lg:w-[340px] lg:border-l">
                <ReadingLine
                    text={text}
                    onText={setText}
                    onEnter={enter}
                    onOther={(by) => setSuggestion((now) => (now + by + survey.next.length) % Math.max(1, survey.next.length))}
                    next={next}
                    correcting={correcting ? readingName(correcting) : null}
                    onStopCorrecting={() => (correcting ? setCorrecting(null) : setChosen(null))}
                    disabled={!job.can.work}
                    onUndo={survey.readings.length > 0 ? () => void undo() : null}
                />
                <OutboxNotice waiting={outbox.waiting} trouble={outbox.trouble} onAgain={() => void outbox.flush()} />
                <Answer said={said} busy={outbox.waiting.length > 0 && !outbox.trouble} />
                <div className="-mx-4 flex min-h-0 flex-1 flex-col gap-3 px-4 lg:overflow-y-auto" tabIndex={-1}>
                    {survey.trouble && survey.readings.length > 0 && <Trouble title="Not computed yet">{survey.trouble.message}</Trouble>}
                    <Doubts
                        doubtful={doubtful}
                        chosen={reading?.id ?? null}
                        others={survey.network?.readings ?? 0}
                        canWork={job.can.work}
                        canStrike={job.can.strike}
                        onChoose={(one) => setChosen({ kind: 'reading', id: one.id })}
                        onAgain={again}
                        onStrike={setStriking}
                    />
                    <Progress progress={survey.progress} />
                    {survey.readings.length === 0 ? (
                        <p className="text-soft">
                            No reading yet. Call the first one out: two points and the length, such as the suggested tram, and press Enter.
                        </p>
                    ) : (
                        <ReadingList
                            readings={survey.readings}
                            chosen={reading?.id ?? null}
                            onChoose={(id) => setChosen({ kind: 'reading', id })}
                        />
                    )}
                </div>
            </div>
            {striking && (
                <StrikeSheet
                    reading={striking}
                    onClose={() => setStriking(null)}
                    onStrike={async (reason) => {
                        const answer = await live.strike(striking.id, reason);
                        return answer.state === 'refused' || answer.state === 'unreachable' ? answer.message : null;
                    }}
                />
            )}
        </div>
    );
}
