import { useState, type FormEvent } from 'react';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import { Segmented } from '@/shared/ui/segmented';
import { Sheet } from '@/shared/ui/sheet';

export type DatumChoice = 'in' | 'out' | 'tested';

interface Props {
    point: string;
    onClose: () => void;
    onDecide: (choice: DatumChoice, reason: string) => Promise<string | null>;
}

/** Takes a point out of the datum, keeps it in whatever the test says, or leaves it to the test; the reason goes into the log. */
export function DatumSheet({ point, onClose, onDecide }: Props) {
    const [choice, setChoice] = useState<DatumChoice>('out');
    const [reason, setReason] = useState('');
    const [error, setError] = useState<string>();
    const [busy, setBusy] = useState(false);
    const submit = async (event: FormEvent) => {
        event.preventDefault();
        setBusy(true);
        const refused = await onDecide(choice, reason.trim());
        setBusy(false);
        if (refused === null) onClose();
        else setError(refused);
    };
    return (
        <Sheet open onOpenChange={(open) => !open && onClose()} title={`Does ${point} carry the datum?`}>
            <form onSubmit={(event) => void submit(event)} className="grid gap-4" noValidate>
                <Segmented
                    label="Datum"
                    value={choice}
                    onChange={setChoice}
                    choices={[
                        { value: 'out', label: 'Take it out' },
                        { value: 'in', label: 'Keep it in' },
                        { value: 'tested', label: 'Let the test decide' },
                    ]}
                />
                <Field
                    label="Reason, for the log"
                    value={reason}
                    onChange={(event) => setReason(event.target.value)}
                    error={error}
                    maxLength={500}
                    autoFocus
                />
                <p className="text-soft">
                    A point that is bent, or whose line in the chart is wrong, pulls every other point along. A point kept in against the
                    test moves them all on your word.
                </p>
                <Button look="now" type="submit" disabled={busy || reason.trim() === ''} className="justify-self-start">
                    Enter it in the log
                </Button>
            </form>
        </Sheet>
    );
}
