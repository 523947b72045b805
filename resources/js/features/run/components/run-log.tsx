import { useState } from 'react';
import type { Entry } from '@/features/run/hooks/use-run';
import { useUnits } from '@/shared/hooks/units';
import { formatLength } from '@/shared/lib/format';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import type { LogEntryProps } from '@/types/props';

const KINDS: Record<string, string> = {
    done: '■ done',
    reopened: '□ opened again',
    reading: '◌ read',
    run: '⌁ welded',
    note: '✎ note',
    otherwise: '▲ not as planned',
    stop: '✕ stopped',
    picture: '▣ picture',
};

interface Props {
    log: LogEntryProps[];
    canWork: boolean;
    busy: boolean;
    onWrite: (entry: Entry) => Promise<boolean>;
}

/** What happened, the latest first; an entry is put right by another one, never changed. */
export function RunLog({ log, canWork, busy, onWrite }: Props) {
    const { unit, denominator } = useUnits();
    const [text, setText] = useState('');
    const [instead, setInstead] = useState<LogEntryProps | null>(null);
    const write = () =>
        void onWrite({ step: instead?.step ?? '', kind: 'note', text, ...(instead && { supersedes: instead.id }) }).then((stored) => {
            if (!stored) return;
            setText('');
            setInstead(null);
        });
    return (
        <section aria-labelledby="log" className="min-w-0">
            <h2 id="log" className="text-3xl">
                Log
            </h2>
            {canWork && (
                <div className="mt-2 grid gap-2">
                    <Field
                        label={instead ? `In the place of “${instead.text || instead.title}”` : 'Something to note'}
                        value={text}
                        maxLength={4000}
                        onChange={(event) => setText(event.target.value)}
                    />
                    <div className="flex flex-wrap gap-3">
                        <Button disabled={busy || text.trim() === ''} onClick={write}>
                            Write it down
                        </Button>
                        {instead && (
                            <Button look="quiet" onClick={() => setInstead(null)}>
                                Leave it
                            </Button>
                        )}
                        <label className="inline-flex min-h-11 cursor-pointer items-center rounded-[3px] border border-ink px-4 font-medium focus-within:outline-3">
                            Picture
                            <input
                                type="file"
                                accept="image/jpeg,image/png,image/webp"
                                capture="environment"
                                className="sr-only"
                                onChange={(event) => {
                                    const file = event.target.files?.[0];
                                    event.target.value = '';
                                    if (file) void onWrite({ step: '', kind: 'picture', text, file });
                                }}
                            />
                        </label>
                    </div>
                </div>
            )}
            {log.length === 0 && <p className="mt-2 text-soft">Nothing yet. Every step that is done stands here, with who and when.</p>}
            <ol className="mt-3">
                {log.map((entry) => (
                    <li key={entry.id} className={`border-t border-line py-2 ${entry.isSuperseded ? 'text-soft line-through' : ''}`}>
                        <p className="flex flex-wrap justify-between gap-x-4 text-sm text-soft">
                            <span>{KINDS[entry.kind] ?? entry.kind}</span>
                            <span>
                                {entry.by}, {new Date(entry.at).toLocaleString()}
                            </span>
                        </p>
                        <p>
                            {entry.title}
                            {entry.title && entry.text && ': '}
                            {entry.text}
                            {entry.heatInput !== null && (
                                <span className="tabular-nums">
                                    : {entry.settings}, {formatLength(entry.length ?? 0, unit, denominator)} {unit}:{' '}
                                    {entry.heatInput.toFixed(2)} kJ/mm
                                </span>
                            )}
                            {entry.reading !== null && (
                                <span className="tabular-nums">
                                    {' '}
                                    {formatLength(entry.reading, unit, denominator)} {unit}
                                </span>
                            )}
                        </p>
                        {entry.picture && (
                            <img
                                src={entry.picture}
                                alt={entry.text || 'Picture of the work'}
                                className="mt-1 max-h-48 border border-line"
                            />
                        )}
                        {canWork && !entry.isSuperseded && (
                            <div className="flex gap-3">
                                {entry.kind === 'done' || entry.kind === 'otherwise' ? (
                                    <Button
                                        look="quiet"
                                        onClick={() => void onWrite({ step: entry.step, kind: 'reopened', supersedes: entry.id })}
                                    >
                                        It is not done
                                    </Button>
                                ) : (
                                    <Button look="quiet" onClick={() => setInstead(entry)}>
                                        Put it right
                                    </Button>
                                )}
                            </div>
                        )}
                    </li>
                ))}
            </ol>
        </section>
    );
}
