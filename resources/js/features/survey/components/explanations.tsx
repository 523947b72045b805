import { usePage } from '@inertiajs/react';
import { useState } from 'react';
import { causeWords, explanationTitle, mistakeWords, outcomeWords } from '@/features/survey/lib/explanation-words';
import { readingName } from '@/shared/lib/words';
import { useUnits } from '@/shared/hooks/units';
import { Ask } from '@/shared/ui/ask';
import { Button } from '@/shared/ui/button';
import type { ExplanationProps, NextProps, ReadingProps } from '@/types/props';

interface Props {
    explanations: ExplanationProps[];
    beyond: boolean;
    readings: ReadingProps[];
    deciding: NextProps | null;
    canWork: boolean;
    canStrike: boolean;
    onChoose: (reading: ReadingProps) => void;
    onAgain: (reading: ReadingProps) => void;
    onStrike: (reading: ReadingProps) => void;
    onDecide: (next: NextProps) => void;
}

/** More than these stand behind "and more". */
const SHOWN = 4;

/** Several readings can be the wrong one: what each explanation says, and the reading that tells them apart. */
export function Explanations({ explanations, beyond, readings, deciding, onDecide, ...rest }: Props) {
    const { unit, denominator } = useUnits();
    const hides = usePage().props.user?.hidesExpected ?? false;
    const [open, setOpen] = useState<string | null>(null);
    const [all, setAll] = useState(false);
    const shown = all ? explanations : explanations.slice(0, SHOWN);
    const hidden = explanations.length - shown.length;
    return (
        <section aria-labelledby="explanations" className="border-l-[6px] border-unsure bg-wash px-3 py-2">
            <h2 id="explanations" className="text-xl leading-snug">
                <Ask about="explanations">{explanationTitle(explanations)}</Ask>
            </h2>
            {beyond ? (
                <p className="leading-snug">
                    There are more than {explanations.length} ways to explain it, so these readings cannot tell. Take more of them, or take
                    the odd ones again.
                </p>
            ) : (
                deciding && (
                    <div className="mt-1">
                        <p className="leading-snug">
                            <b className="font-semibold">{readingName(deciding)}</b> tells
                            {hides ? ' which it is.' : `: ${outcomeWords(deciding, readings, unit, denominator)}`}
                        </p>
                        {rest.canWork && (
                            <Button className="mt-1.5" onClick={() => onDecide(deciding)}>
                                Take {deciding.kind} {deciding.points.join(' – ')} next
                            </Button>
                        )}
                    </div>
                )
            )}
            <ol className="mt-1.5">
                {shown.map((explanation) => {
                    const key = explanation.mistakes.map((mistake) => mistake.reading).join(' ');
                    return (
                        <Explanation
                            key={key}
                            explanation={explanation}
                            readings={readings}
                            isOpen={open === key}
                            onOpen={(first) => {
                                setOpen(open === key ? null : key);
                                if (first) rest.onChoose(first);
                            }}
                            {...rest}
                        />
                    );
                })}
            </ol>
            {hidden > 0 && (
                <Button look="quiet" onClick={() => setAll(true)}>
                    and {hidden} more
                </Button>
            )}
        </section>
    );
}

interface One extends Pick<Props, 'readings' | 'canWork' | 'canStrike' | 'onAgain' | 'onStrike'> {
    explanation: ExplanationProps;
    isOpen: boolean;
    onOpen: (first: ReadingProps | undefined) => void;
}

function Explanation({ explanation, readings, isOpen, onOpen, canWork, canStrike, onAgain, onStrike }: One) {
    const { unit } = useUnits();
    const wrong = explanation.mistakes.flatMap((mistake) => {
        const reading = readings.find((one) => one.id === mistake.reading);
        return reading ? [{ mistake, reading }] : [];
    });
    return (
        <li className="border-t border-line">
            <button
                type="button"
                aria-expanded={isOpen}
                onClick={() => onOpen(wrong[0]?.reading)}
                className="flex min-h-11 w-full items-center justify-between gap-2 text-left leading-snug focus-visible:-outline-offset-2"
            >
                <span>{wrong.map(({ mistake, reading }) => mistakeWords(mistake, reading, unit)).join(', and ')}</span>
                <span aria-hidden>{isOpen ? '▾' : '▸'}</span>
            </button>
            {wrong.map(
                ({ mistake }) =>
                    mistake.causes.length > 0 && (
                        <p key={mistake.reading} className="pb-1 text-sm leading-snug text-soft">
                            {causeWords(mistake.causes, unit)}
                        </p>
                    ),
            )}
            {isOpen &&
                wrong.map(({ reading }) => (
                    <div key={reading.id} className="flex flex-wrap gap-2 pb-2">
                        {canWork && <Button onClick={() => onAgain(reading)}>Take reading {reading.number} again</Button>}
                        {canStrike && <Button onClick={() => onStrike(reading)}>Strike reading {reading.number}…</Button>}
                    </div>
                ))}
        </li>
    );
}
