import { useState, type FormEvent } from 'react';
import { forAGlove } from '@/shared/lib/for-a-glove';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import { Select } from '@/shared/ui/select';
import type { RunStepProps } from '@/types/props';

/** A step that no rule knows of, after another one. */
export function OwnStep({
    steps,
    onAdd,
}: {
    steps: RunStepProps[];
    onAdd: (step: { title: string; minutes: string | null; after: string }) => Promise<boolean>;
}) {
    const [title, setTitle] = useState('');
    const [minutes, setMinutes] = useState('');
    const [after, setAfter] = useState('');
    const add = (event: FormEvent) => {
        event.preventDefault();
        void onAdd({ title, minutes: minutes === '' ? null : minutes, after }).then((stored) => {
            if (stored) setTitle('');
        });
    };
    return (
        <form onSubmit={add} className="grid items-end gap-3 sm:grid-cols-[2fr_1fr_2fr_auto]" noValidate aria-label="A step of one’s own">
            <Field label="Another step" value={title} maxLength={160} onChange={(event) => setTitle(event.target.value)} />
            <Field label="Minutes" placeholder="30" {...forAGlove()} value={minutes} onChange={(event) => setMinutes(event.target.value)} />
            <Select
                label="After"
                value={after}
                choices={[{ value: '', label: 'at any time' }, ...steps.map((step) => ({ value: step.id, label: step.title }))]}
                onChange={setAfter}
            />
            <Button type="submit">Put it in</Button>
        </form>
    );
}
