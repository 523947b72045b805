import { useState } from 'react';
import { useVoice } from '@/features/run/hooks/use-voice';
import type { Draft } from '@/features/run/lib/entry-body';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import type { LogEntryProps } from '@/types/props';

interface Props {
    /** The entry that is put right by what is written now. */
    instead: LogEntryProps | null;
    busy: boolean;
    onWrite: (entry: Draft) => Promise<boolean>;
    onLeave: () => void;
}

/** A note in words, by voice, or a picture. */
export function LogWriter({ instead, busy, onWrite, onLeave }: Props) {
    const [text, setText] = useState('');
    const write = (draft: Partial<Draft> & Pick<Draft, 'kind'>) =>
        void onWrite({ step: instead?.step ?? '', text, ...(instead && { supersedes: instead.id }), ...draft }).then((taken) => {
            if (!taken) return;
            setText('');
            onLeave();
        });
    const voice = useVoice((file) => write({ kind: 'voice', file }));
    return (
        <div className="mt-2 grid gap-2">
            <Field
                label={instead ? `In the place of “${instead.text || instead.title}”` : 'Something to note'}
                value={text}
                maxLength={4000}
                onChange={(event) => setText(event.target.value)}
            />
            <div className="flex flex-wrap gap-3">
                <Button className="min-h-16" disabled={busy || text.trim() === ''} onClick={() => write({ kind: 'note' })}>
                    Write it down
                </Button>
                {voice.canRecord && (
                    <Button className="min-h-16" aria-pressed={voice.isRecording} onClick={voice.toggle}>
                        {voice.isRecording ? '● Stop and keep it' : 'Say it'}
                    </Button>
                )}
                <label className="inline-flex min-h-16 cursor-pointer items-center rounded-[3px] border border-ink px-4 font-medium focus-within:outline-3">
                    Picture
                    <input
                        type="file"
                        accept="image/jpeg,image/png,image/webp"
                        capture="environment"
                        className="sr-only"
                        onChange={(event) => {
                            const file = event.target.files?.[0];
                            event.target.value = '';
                            if (file) write({ kind: 'picture', file });
                        }}
                    />
                </label>
                {instead && (
                    <Button look="quiet" className="min-h-16" onClick={onLeave}>
                        Leave it
                    </Button>
                )}
            </div>
            {voice.trouble && <p role="alert">{voice.trouble}</p>}
        </div>
    );
}
