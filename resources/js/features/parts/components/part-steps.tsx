import { useState } from 'react';
import { PART_WORDS, PartState } from '@/features/parts/components/part-state';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import type { PartProps } from '@/types/props';

const SAYS: Record<string, string> = {
    'first article': 'The first one fits: sign it off',
    released: 'Release it to be made',
    cut: 'It is cut',
    drawn: 'Back to drawn',
};

interface Props {
    part: PartProps;
    canWork: boolean;
    onMove: (state: string, note: string) => void;
}

/** How far a part has come, what may follow, and who tried the first of it. */
export function PartSteps({ part, canWork, onMove }: Props) {
    const [note, setNote] = useState('');
    return (
        <section aria-label="State of the part" className="grid max-w-3xl gap-3 border border-line p-4">
            <ol className="flex flex-wrap gap-x-6 gap-y-1">
                {Object.keys(PART_WORDS).map((state) => (
                    <li
                        key={state}
                        aria-current={state === part.state ? 'step' : undefined}
                        className={state === part.state ? 'font-semibold' : 'text-soft'}
                    >
                        <PartState state={state} />
                    </li>
                ))}
            </ol>
            {part.lock && <p className="border-l-[6px] border-unsure pl-3">{part.lock}</p>}
            {!part.lock && part.free < part.count && part.state === 'drawn' && (
                <p className="max-w-prose">
                    {part.hasMirror ? 'Make one and try it: its mirror image' : 'Make one and try it: the rest of the batch'} stays locked
                    until the first one was tried and its corrections are entered.
                </p>
            )}
            {part.firstArticle && (
                <p>
                    First one tried by {part.firstArticle.by}, {new Date(part.firstArticle.at).toLocaleString()}.{' '}
                    {part.firstArticle.note || 'Nothing was corrected.'}
                </p>
            )}
            {canWork && part.next.includes('first article') && (
                <Field
                    label="What was corrected on the first one"
                    hint="Numbers that came out otherwise are changed in the part itself, below: so the rest and the mirror image have them."
                    value={note}
                    maxLength={500}
                    onChange={(event) => setNote(event.target.value)}
                />
            )}
            {canWork && (
                <div className="flex flex-wrap gap-3">
                    {part.next.map((state, i) => (
                        <Button key={state} look={i === 0 ? 'now' : 'plain'} onClick={() => onMove(state, note)}>
                            {SAYS[state]}
                        </Button>
                    ))}
                    {part.state !== 'drawn' && (
                        <Button look="quiet" onClick={() => onMove('drawn', '')}>
                            {SAYS.drawn}
                        </Button>
                    )}
                </div>
            )}
        </section>
    );
}
