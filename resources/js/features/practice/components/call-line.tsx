import { useState, type FormEvent } from 'react';
import { Button } from '@/shared/ui/button';

/** Calls for a reading; the helper takes it. */
export function CallLine({ trouble, onCall }: { trouble: string | null; onCall: (call: string) => Promise<boolean> }) {
    const [text, setText] = useState('');
    const submit = async (event: FormEvent) => {
        event.preventDefault();
        if (text.trim() !== '' && (await onCall(text))) setText('');
    };
    return (
        <form onSubmit={submit} aria-label="Call for a reading">
            <label htmlFor="call" className="text-soft">
                Call for a reading: two points for a tram, h and a point for a height
            </label>
            <div className="mt-1 flex">
                <input
                    id="call"
                    autoFocus
                    value={text}
                    onChange={(event) => setText(event.target.value)}
                    placeholder="AL BR"
                    autoComplete="off"
                    autoCapitalize="characters"
                    spellCheck={false}
                    className="h-14 w-full min-w-0 border-2 border-ink bg-paper px-3 text-2xl placeholder:text-soft"
                />
                <Button type="submit" look="now" className="h-14 rounded-none border-2 border-l-0">
                    Measure
                </Button>
            </div>
            <p aria-live="polite" className="min-h-6">
                {trouble && <span className="text-out">{trouble}</span>}
            </p>
        </form>
    );
}
