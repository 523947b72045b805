import { useState, type FormEvent } from 'react';
import { readingName } from '@/shared/lib/words';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import { Sheet } from '@/shared/ui/sheet';
import type { ReadingProps } from '@/types/props';

const REASONS = ['Misread tape', 'Wrong hole', 'Frame was over a jack', 'Called to the wrong point'];

interface Props {
    reading: ReadingProps;
    onClose: () => void;
    onStrike: (reason: string) => Promise<string | null>;
}

/** Strikes a reading out, with the reason that stays beside it in the log. */
export function StrikeSheet({ reading, onClose, onStrike }: Props) {
    const [reason, setReason] = useState('');
    const [error, setError] = useState<string>();
    const [busy, setBusy] = useState(false);
    const submit = async (event: FormEvent) => {
        event.preventDefault();
        setBusy(true);
        const refused = await onStrike(reason);
        setBusy(false);
        if (refused) setError(refused);
        else onClose();
    };
    return (
        <Sheet open onOpenChange={(open) => !open && onClose()} title={`Strike reading ${reading.number}`}>
            <form onSubmit={(event) => void submit(event)} className="grid gap-4">
                <p>{readingName(reading)} stays in the log and leaves the computation.</p>
                <Field
                    label="Why"
                    value={reason}
                    onChange={(event) => setReason(event.target.value)}
                    error={error}
                    autoFocus
                    maxLength={500}
                />
                <div className="flex flex-wrap gap-2">
                    {REASONS.map((one) => (
                        <Button key={one} onClick={() => setReason(one)}>
                            {one}
                        </Button>
                    ))}
                </div>
                <div className="flex gap-2">
                    <Button look="now" type="submit" disabled={busy}>
                        Strike it
                    </Button>
                    <Button look="quiet" onClick={onClose}>
                        Leave it
                    </Button>
                </div>
            </form>
        </Sheet>
    );
}
