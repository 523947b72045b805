import { useState } from 'react';
import type { Decided } from '@/features/hand-over/components/hand-over-form';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import { Segmented } from '@/shared/ui/segmented';
import type { OpenPointProps } from '@/types/props';

interface Props {
    points: OpenPointProps[];
    decided: Decided;
    canWork: boolean;
    onChange: (part: Partial<Decided>) => void;
    onMore: (what: string) => void;
    onLess: (what: string) => void;
}

/** What is not settled by the frame being right: yes or no, and who. */
export function OpenPoints({ points, decided, canWork, onChange, onMore, onLess }: Props) {
    const [what, setWhat] = useState('');
    const answer = (id: string, part: { answer?: string; who?: string }) =>
        onChange({ answers: { ...decided.answers, [id]: { ...(decided.answers[id] ?? { answer: '', who: '' }), ...part } } });
    return (
        <section aria-labelledby="open-points">
            <h2 id="open-points" className="text-3xl">
                Open points
            </h2>
            <ul className="mt-1">
                {points.map((point) => {
                    const now = decided.answers[point.id] ?? { answer: '', who: '' };
                    return (
                        <li key={point.id} className="grid gap-2 border-t border-line py-3">
                            <p>
                                <b className="font-semibold">{point.what}.</b> <span className="text-soft">{point.because}</span>
                            </p>
                            {canWork ? (
                                <div className="flex flex-wrap items-end gap-3">
                                    <Segmented
                                        label={`${point.what}: seen to`}
                                        value={now.answer}
                                        choices={[
                                            { value: 'yes', label: 'Yes' },
                                            { value: 'no', label: 'No' },
                                        ]}
                                        onChange={(chosen) => answer(point.id, { answer: chosen })}
                                    />
                                    <Field
                                        label="Who"
                                        className="min-w-40 flex-1"
                                        maxLength={120}
                                        value={now.who}
                                        onChange={(event) => answer(point.id, { who: event.target.value })}
                                    />
                                    {point.isOwn && (
                                        <Button look="quiet" onClick={() => onLess(point.what)}>
                                            Take it out
                                        </Button>
                                    )}
                                </div>
                            ) : (
                                <p>{point.isSettled ? `${point.answer === 'yes' ? '■ yes' : '□ no'}, ${point.who}` : '× no answer yet'}</p>
                            )}
                        </li>
                    );
                })}
            </ul>
            {canWork && (
                <div className="mt-2 flex flex-wrap items-end gap-3">
                    <Field
                        label="Another open point"
                        className="min-w-60 flex-1"
                        maxLength={160}
                        value={what}
                        onChange={(event) => setWhat(event.target.value)}
                    />
                    <Button
                        disabled={what.trim() === ''}
                        onClick={() => {
                            onMore(what.trim());
                            setWhat('');
                        }}
                    >
                        Put it in
                    </Button>
                </div>
            )}
        </section>
    );
}
