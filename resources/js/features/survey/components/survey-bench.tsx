import { usePage } from '@inertiajs/react';
import { useCallback, useEffect, useRef, useState } from 'react';
import { FrameDrawing } from '@/shared/drawing/components/frame-drawing';
import { Answer, type Said } from '@/features/survey/components/answer';
import { PointStrip, ReadingStrip } from '@/features/survey/components/chosen-strip';
import { DatumPanel } from '@/features/survey/components/datum-panel';
import { DatumSheet } from '@/features/survey/components/datum-sheet';
import { Doubts } from '@/features/survey/components/doubts';
import { Explanations } from '@/features/survey/components/explanations';
import { OutboxNotice } from '@/features/survey/components/outbox-notice';
import { Progress } from '@/features/survey/components/progress';
import { ChartDoubts } from '@/features/survey/components/chart-doubts';
import { InstrumentChoice } from '@/features/survey/components/instrument-choice';
import { ReadingLine } from '@/features/survey/components/reading-line';
import { ReadingList } from '@/features/survey/components/reading-list';
import { StrikeSheet } from '@/features/survey/components/strike-sheet';
import { TourSheet } from '@/features/survey/components/tour-sheet';
import { useInstrument } from '@/features/survey/hooks/use-instrument';
import { useReadingOutbox, type Entry, type ReadingOutcome } from '@/features/survey/hooks/use-reading-outbox';
import type { useSurvey } from '@/features/survey/hooks/use-survey';
import { calledBy } from '@/features/survey/lib/called-by';
import { compose } from '@/features/survey/lib/compose';
import { readingName } from '@/shared/lib/words';
import { useUnits } from '@/shared/hooks/units';
import { useHotkeys } from '@/shared/hooks/use-hotkeys';
import { newId } from '@/shared/lib/new-id';
import { isGlove } from '@/shared/lib/for-a-glove';
import { path } from '@/shared/lib/path';
import { Trouble } from '@/shared/ui/trouble';
import type { InstrumentProps, JobProps, NextProps, ReadingProps, SurveyProps } from '@/types/props';

type Chosen = { kind: 'reading' | 'point'; id: string } | null;

function focusLine() {
    document.querySelector<HTMLInputElement>('input[aria-label="Reading"]')?.focus();
}

/** The stage where the frame is read: drawing, reading line, log. */
export function SurveyBench({
    job,
    live,
    instruments,
}: {
    job: JobProps;
    live: ReturnType<typeof useSurvey>;
    instruments: InstrumentProps[];
}) {
    const { survey, take } = live;
    const { unit } = useUnits();
    const { user } = usePage().props;
    const [text, setText] = useState('');
    const line = useRef(text);
    useEffect(() => {
        line.current = text;
    });
    const [said, setSaid] = useState<Said | null>(null);
    const [chosen, setChosen] = useState<Chosen>(null);
    const [striking, setStriking] = useState<ReadingProps | null>(null);
    const [correcting, setCorrecting] = useState<ReadingProps | null>(null);
    const [suggestion, setSuggestion] = useState(0);
    const [deciding, setDeciding] = useState<NextProps | null>(null);
    const [touring, setTouring] = useState(false);
    const [datum, setDatum] = useState<string | null>(null);
    const [factor, setFactor] = useState(20);

    const show = useCallback((now: SurveyProps, id: string) => {
        const reading = now.readings.find((one) => one.id === id);
        if (reading) {
            const others = Math.max(0, (now.network?.readings ?? 1) - (reading.state === 'doubtful' ? 0 : 1));
            setSaid({ state: 'stored', reading, others });
            setChosen({ kind: 'reading', id });
        }
        setSuggestion(0);
        setDeciding(null);
    }, []);
    const onOutcome = useCallback(
        (outcome: ReadingOutcome) => {
            if (outcome.state === 'refused') {
                // An empty line takes it back to be put right; it does not push out what is being typed.
                if (line.current !== '') return undefined;
                setSaid({ state: 'refused', message: outcome.message });
                setText(outcome.entry.call);
                return 'taken' as const;
            }
            take(outcome.body.survey);
            show(outcome.body.survey, outcome.entry.id);
            return undefined;
        },
        [take, show],
    );
    const outbox = useReadingOutbox(path('readings', { job: job.id, survey: job.survey }), user?.id ?? 0, onOutcome);

    const instrument = useInstrument(job, instruments, (now, id, trouble) => {
        take(now);
        if (id !== null) show(now, id);
        if (trouble !== null) setSaid({ state: 'refused', message: trouble });
    });
    const next = correcting ? null : (deciding ?? survey.next[Math.min(suggestion, survey.next.length - 1)] ?? null);
    const enter = () => {
        if (text.trim() === '') return;
        void outbox.post({
            id: newId(),
            call: compose(text, next, correcting),
            unit,
            supersedes: correcting?.id ?? null,
            instrument: instrument.chosen?.id ?? null,
            typedAt: Date.now(),
        });
        setText('');
        setCorrecting(null);
    };
    const again = (reading: ReadingProps) => {
        setCorrecting(reading);
        setChosen({ kind: 'reading', id: reading.id });
        focusLine();
    };
    const edit = (entry: Entry) => {
        void outbox.drop(entry);
        setText(entry.call);
        setCorrecting(survey.readings.find((one) => one.id === entry.supersedes) ?? null);
        setSaid(null);
        focusLine();
    };
    const undo = async () => {
        // What is on its way is not in the log yet; the one before it would be taken back instead.
        if (outbox.waiting.length > 0) {
            setSaid({ state: 'told', message: 'A reading is still on its way. Undo it once it is stored.' });
            return;
        }
        const answer = await live.undo();
        if (answer.state === 'ok') setSaid({ state: 'told', message: answer.body.undone ?? 'There is nothing of yours to undo.' });
        else if (answer.state !== 'nothing') setSaid({ state: 'refused', message: answer.message });
    };
    const decide = (next: NextProps) => {
        setDeciding(next);
        setCorrecting(null);
        focusLine();
    };
    const reading = chosen?.kind === 'reading' ? survey.readings.find((one) => one.id === chosen.id) : undefined;
    const point = chosen?.kind === 'point' ? survey.points.find((one) => one.id === chosen.id) : undefined;
    const block = () => job.can.work && next && void live.block(next.kind, next.points);
    const takeFromInstrument = () => next && void instrument.take(next, survey);
    useHotkeys({
        z: () => void undo(),
        s: () => reading && setStriking(reading),
        b: block,
        i: takeFromInstrument,
        t: () => setTouring(true),
    });

    const doubtful = survey.readings.filter((one) => one.state === 'doubtful');
    const questioned = survey.readings.filter((one) => one.state === 'questioned');
    const bar = reading ? { kind: reading.kind, points: reading.points, text: reading.typed } : null;
    return (
        <div className="group flex min-h-0 flex-1 flex-col lg:flex-row">
            <div className="flex min-h-0 min-w-0 flex-1 flex-col">
                <div className="flex min-h-[230px] flex-1 flex-col max-lg:h-[42dvh] max-lg:flex-none max-sm:h-[270px] max-sm:group-has-[[data-keypad-open]]:h-[172px] max-sm:group-has-[[data-keypad-open]]:min-h-0">
                    <FrameDrawing
                        body={job.body}
                        points={survey.points}
                        axles={survey.axles}
                        chosen={reading?.points ?? (point ? [point.id] : (next?.points ?? []))}
                        bar={bar}
                        factor={factor}
                        onFactor={setFactor}
                        onChoose={(id) => {
                            setChosen({ kind: 'point', id });
                            // With a glove, tapping the points calls them.
                            if (isGlove()) setText((now) => calledBy(now, id));
                        }}
                        revision={survey.revision}
                        summary={`The frame from above and from the left: ${survey.progress.settled} of ${survey.progress.coordinates} coordinates settled, ${questioned.length > 0 ? `one of ${questioned.length} readings is wrong` : `${doubtful.length} readings do not fit`}. Findings lists every point.`}
                    />
                </div>
                <div className="min-h-[84px] border-t border-ink bg-paper max-lg:hidden">
                    {reading ? (
                        <ReadingStrip
                            reading={reading}
                            repeat={survey.repeats.find((one) => one.readings.includes(reading.id))}
                            canStrike={job.can.strike}
                            canWork={job.can.work}
                            onStrike={() => setStriking(reading)}
                            onRestore={() => void live.restore(reading.id)}
                            onAgain={() => again(reading)}
                        />
                    ) : point ? (
                        <PointStrip point={point} onDatum={job.can.work && point.chart ? () => setDatum(point.id) : null} />
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
                    onOther={(by) => {
                        setDeciding(null);
                        setSuggestion((now) => (now + by + survey.next.length) % Math.max(1, survey.next.length));
                    }}
                    onBlock={job.can.work && next ? block : null}
                    end={survey.progress.undecided > 0 ? 'What is open is too close to call' : 'Every coordinate is settled'}
                    next={next}
                    correcting={correcting ? readingName(correcting) : null}
                    onStopCorrecting={() => (correcting ? setCorrecting(null) : setChosen(null))}
                    disabled={!job.can.work}
                    onUndo={survey.readings.length > 0 ? () => void undo() : null}
                />
                {job.can.work && (
                    <InstrumentChoice
                        instruments={instruments}
                        chosen={instrument.chosen}
                        next={next}
                        waiting={instrument.isWaiting(survey)}
                        onChoose={instrument.choose}
                        onTake={takeFromInstrument}
                    />
                )}
                <OutboxNotice {...outbox} onAgain={() => void outbox.flush()} onEdit={edit} onDrop={(entry) => void outbox.drop(entry)} />
                <Answer said={said} busy={outbox.waiting.length > 0 && !outbox.trouble} />
                <div className="-mx-4 flex min-h-0 flex-1 flex-col gap-3 px-4 relative lg:overflow-y-auto" tabIndex={-1}>
                    {survey.trouble && survey.readings.length > 0 && <Trouble title="Not computed yet">{survey.trouble.message}</Trouble>}
                    <ChartDoubts doubts={survey.doubts} job={job.id} />
                    {survey.explanations.length > 1 ? (
                        <Explanations
                            explanations={survey.explanations}
                            beyond={survey.beyond}
                            readings={survey.readings}
                            deciding={survey.next.find((one) => one.because === 'deciding' && one.outcomes.length > 0) ?? null}
                            canWork={job.can.work}
                            canStrike={job.can.strike}
                            onChoose={(one) => setChosen({ kind: 'reading', id: one.id })}
                            onAgain={again}
                            onStrike={setStriking}
                            onDecide={decide}
                        />
                    ) : (
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
                    )}
                    <DatumPanel
                        doubtful={survey.doubtfulBase}
                        decisions={survey.decisions}
                        base={survey.base}
                        canWork={job.can.work}
                        onDecide={setDatum}
                    />
                    <Progress progress={survey.progress}>
                        {(survey.tour !== null || survey.blocked.length > 0) && (
                            <button
                                type="button"
                                onClick={() => setTouring(true)}
                                className="min-h-11 underline decoration-line underline-offset-4"
                            >
                                Measuring tour{survey.blocked.length > 0 && `, ${survey.blocked.length} cannot be taken`}
                            </button>
                        )}
                    </Progress>
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
            {touring && (
                <TourSheet survey={survey} onClose={() => setTouring(false)} onFree={job.can.work ? (one) => void live.free(one) : null} />
            )}
            {datum !== null && (
                <DatumSheet
                    point={datum}
                    onClose={() => setDatum(null)}
                    onDecide={async (choice, reason) => {
                        const answer = await live.decideDatum(datum, choice, reason);
                        return answer.state === 'refused' || answer.state === 'unreachable' ? answer.message : null;
                    }}
                />
            )}
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
