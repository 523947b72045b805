import { useState } from 'react';
import { LogWriter } from '@/features/run/components/log-writer';
import type { Draft } from '@/features/run/lib/entry-body';
import { useUnits } from '@/shared/hooks/units';
import { formatLength } from '@/shared/lib/format';
import { say } from '@/shared/lib/say';
import { Button } from '@/shared/ui/button';
import type { LogEntryProps } from '@/types/props';

const KINDS: Record<string, string> = {
    begun: '▷ begun',
    done: '■ done',
    reopened: '□ opened again',
    reading: '◌ read',
    run: '⌁ welded',
    temperature: '≈ temperature',
    note: '✎ note',
    otherwise: '▲ not as planned',
    stop: '✕ stopped',
    picture: '▣ picture',
    voice: '♪ said',
};

interface Props {
    log: LogEntryProps[];
    canWork: boolean;
    busy: boolean;
    onWrite: (entry: Draft) => Promise<boolean>;
}

/** What happened, the latest first; an entry is put right by another one, never changed. */
export function RunLog({ log, canWork, busy, onWrite }: Props) {
    const [instead, setInstead] = useState<LogEntryProps | null>(null);
    return (
        <section aria-labelledby="log" className="min-w-0">
            <h2 id="log" className="text-3xl">
                Log
            </h2>
            {canWork && <LogWriter instead={instead} busy={busy} onWrite={onWrite} onLeave={() => setInstead(null)} />}
            {log.length === 0 && <p className="mt-2 text-soft">Nothing yet. Every step that is done stands here, with who and when.</p>}
            <ol className="mt-3">
                {log.map((entry) => (
                    <li key={entry.id} className={`border-t border-line py-2 ${entry.isSuperseded ? 'text-soft line-through' : ''}`}>
                        <p className="flex flex-wrap justify-between gap-x-4 text-sm text-soft">
                            <span>{KINDS[entry.kind] ?? entry.kind}</span>
                            <span>
                                {entry.by}, {new Date(entry.at).toLocaleString()}
                                {entry.arrivedAt && ` (arrived ${new Date(entry.arrivedAt).toLocaleString()})`}
                            </span>
                        </p>
                        <What entry={entry} />
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

function What({ entry }: { entry: LogEntryProps }) {
    const { unit, denominator } = useUnits();
    return (
        <>
            <p>
                {entry.title}
                {entry.title && entry.text && ': '}
                {entry.text}
                {entry.heatInput !== null && (
                    <span className="tabular-nums">
                        : {entry.settings}, {formatLength(entry.length ?? 0, unit, denominator)} {unit}: {entry.heatInput.toFixed(2)} kJ/mm
                        {entry.coolingTime !== null && `, from 800 to 500 °C in ${entry.coolingTime.toFixed(1)} s`}
                    </span>
                )}
                {entry.reading !== null && (
                    <span className="tabular-nums">
                        {' '}
                        {formatLength(entry.reading, unit, denominator)} {unit}
                    </span>
                )}
                {entry.found && <span className="block tabular-nums">{say(entry.found, unit)}</span>}
            </p>
            {entry.picture && (
                <img src={entry.picture} alt={entry.text || 'Picture of the work'} className="mt-1 max-h-48 border border-line" />
            )}
            {entry.voice && (
                <audio controls src={entry.voice} className="mt-1 w-full" aria-label={`Voice note of ${entry.by}`}>
                    <track kind="captions" />
                </audio>
            )}
        </>
    );
}
