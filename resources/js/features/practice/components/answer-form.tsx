import { useState } from 'react';
import type { Stated } from '@/features/practice/hooks/use-practice';
import { statedWords, WAYS } from '@/features/practice/lib/words';
import { Button } from '@/shared/ui/button';
import { Select } from '@/shared/ui/select';

const PATTERNS = ['sidesway', 'sag', 'short-rail', 'twist', 'diamond'].map((value) => ({ value, label: value.replace('-', ' ') }));

/** What is bent and which way; said as often as there are things bent, then answered once. */
export function AnswerForm({ accused, onAnswer }: { accused: number[]; onAnswer: (findings: Stated[]) => Promise<boolean> }) {
    const [stated, setStated] = useState<Stated[]>([]);
    const [now, setNow] = useState<Stated>({ pattern: 'sidesway', section: 'rear', positive: true, side: null });
    const sections =
        now.pattern === 'diamond'
            ? ['centre']
            : now.pattern === 'twist' || now.pattern === 'sag'
              ? ['front', 'centre', 'rear']
              : ['front', 'rear'];
    const section = sections.includes(now.section) ? now.section : (sections[0] ?? 'rear');
    const full: Stated = { ...now, section, side: now.pattern === 'short-rail' ? (now.side ?? 'left') : null };
    return (
        <section aria-labelledby="answer" className="border-y border-line py-3">
            <h2 id="answer" className="text-2xl">
                What is bent?
            </h2>
            <ul className="my-1">
                {stated.map((one, i) => (
                    <li key={i} className="flex items-center justify-between border-b border-line">
                        {statedWords(one)}
                        <button
                            type="button"
                            className="min-h-11 min-w-11"
                            aria-label={`Take back: ${statedWords(one)}`}
                            onClick={() => setStated(stated.filter((_, k) => k !== i))}
                        >
                            ✕
                        </button>
                    </li>
                ))}
                {accused.length > 0 && <li className="py-1.5">Wrong readings: {[...accused].sort((a, b) => a - b).join(', ')}</li>}
            </ul>
            <div className="grid grid-cols-2 gap-2">
                <Select label="Pattern" value={now.pattern} onChange={(pattern) => setNow({ ...now, pattern })} choices={PATTERNS} />
                <Select
                    label="Section"
                    value={section}
                    onChange={(to) => setNow({ ...now, section: to })}
                    choices={sections.map((value) => ({ value, label: value }))}
                />
                {now.pattern === 'short-rail' && (
                    <Select
                        label="Rail"
                        value={now.side ?? 'left'}
                        onChange={(side) => setNow({ ...now, side })}
                        choices={[
                            { value: 'left', label: 'left' },
                            { value: 'right', label: 'right' },
                        ]}
                    />
                )}
                <Select
                    label="Which way"
                    value={String(now.positive)}
                    onChange={(way) => setNow({ ...now, positive: way === 'true' })}
                    choices={[
                        { value: 'true', label: WAYS[now.pattern]?.[0] ?? '' },
                        { value: 'false', label: WAYS[now.pattern]?.[1] ?? '' },
                    ]}
                />
            </div>
            <div className="mt-3 flex flex-wrap gap-2">
                <Button onClick={() => setStated([...stated, full])}>Add to the answer</Button>
                <Button look="quiet" onClick={() => void onAnswer(stated)}>
                    {stated.length === 0 ? 'Nothing is bent: show the truth' : 'That is all: show the truth'}
                </Button>
            </div>
        </section>
    );
}
