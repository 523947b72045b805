import { useForm } from '@inertiajs/react';
import type { FormEvent } from 'react';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import { Problems } from '@/shared/ui/problems';
import { Sheet } from '@/shared/ui/sheet';
import type { JobProps } from '@/types/props';

/** Readings from a table; all of them or none, with every bad row named. */
export function TakeInTable({ job, onClose }: { job: JobProps; onClose: () => void }) {
    const form = useForm<{ file: File | null }>({ file: null });
    const submit = (event: FormEvent) => {
        event.preventDefault();
        form.post(path('readings.take-in', { job: job.id, survey: job.survey }), {
            forceFormData: true,
            preserveState: 'errors',
            onSuccess: onClose,
        });
    };
    return (
        <Sheet open onOpenChange={(open) => !open && onClose()} title="Take in a table of readings">
            <form onSubmit={submit} className="grid gap-4">
                <Field
                    label="Table (CSV)"
                    type="file"
                    accept=".csv,.txt,text/csv"
                    hint="First row: kind,from,to,value,unit and, where needed, edge, pointer-from, pointer-to, id. The same file taken in twice is stored once."
                    error={form.errors.file}
                    onChange={(event) => form.setData('file', event.target.files?.[0] ?? null)}
                />
                <Problems errors={form.errors} />
                <Button look="now" type="submit" disabled={form.processing || form.data.file === null} className="justify-self-start">
                    {form.processing ? 'Reading the table…' : 'Take it in'}
                </Button>
            </form>
        </Sheet>
    );
}
