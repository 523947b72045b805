import { useForm } from '@inertiajs/react';
import type { ChangeEvent, FormEvent } from 'react';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import { Segmented } from '@/shared/ui/segmented';

interface Chart {
    title: string;
    vehicle: string;
    units: 'mm' | 'in';
    file: File | null;
}

const TOO_LARGE = 'The file is larger than a job file or chart ever is. Is it the right file?';

/** The chosen file, and what speaks against it before it is sent. */
function chosen(event: ChangeEvent<HTMLInputElement>, greatestBytes: number): { file: File | null; error: string | null } {
    const file = event.target.files?.[0] ?? null;
    return { file, error: file && file.size > greatestBytes ? TOO_LARGE : null };
}

/** A new job from a chart that a spreadsheet saved. */
export function FromChart({ greatestBytes }: { greatestBytes: number }) {
    const form = useForm<Chart>({ title: '', vehicle: '', units: 'mm', file: null });
    const submit = (event: FormEvent) => {
        event.preventDefault();
        form.post(path('jobs.from-chart'), { forceFormData: true });
    };
    return (
        <form onSubmit={submit} className="grid gap-4" aria-label="New job from a chart">
            <h3 className="text-xl">From a chart (CSV)</h3>
            <Field
                label="Title"
                value={form.data.title}
                onChange={(event) => form.setData('title', event.target.value)}
                error={form.errors.title}
            />
            <Field
                label="Vehicle"
                value={form.data.vehicle}
                onChange={(event) => form.setData('vehicle', event.target.value)}
                error={form.errors.vehicle}
            />
            <div>
                <p className="text-sm text-soft">The chart is in</p>
                <Segmented
                    label="Unit of the chart"
                    value={form.data.units}
                    onChange={(units) => form.setData('units', units)}
                    choices={[
                        { value: 'mm', label: 'millimetres' },
                        { value: 'in', label: 'inches' },
                    ]}
                />
            </div>
            <Field
                label="Chart file"
                type="file"
                accept=".csv,.txt,text/csv"
                onChange={(event) => {
                    const { file, error } = chosen(event, greatestBytes);
                    form.setData('file', file);
                    if (error) form.setError('file', error);
                    else form.clearErrors('file');
                }}
                error={form.errors.file}
                hint="First row: id,name,side,mate,x,y,z,tolerance,base. Commas, semicolons or tabs."
            />
            <Button type="submit" disabled={form.processing || form.errors.file === TOO_LARGE} className="justify-self-start">
                {form.processing ? 'Reading the chart…' : 'Take in the chart'}
            </Button>
        </form>
    );
}

/** A new job from a job file of this or another Geodex. */
export function FromFile({ greatestBytes }: { greatestBytes: number }) {
    const form = useForm<{ file: File | null }>({ file: null });
    const submit = (event: FormEvent) => {
        event.preventDefault();
        form.post(path('jobs.from-file'), { forceFormData: true });
    };
    return (
        <form onSubmit={submit} className="grid content-start gap-4" aria-label="New job from a job file">
            <h3 className="text-xl">From a job file</h3>
            <Field
                label="Job file"
                type="file"
                accept=".json,application/json"
                onChange={(event) => {
                    const { file, error } = chosen(event, greatestBytes);
                    form.setData('file', file);
                    if (error) form.setError('file', error);
                    else form.clearErrors('file');
                }}
                error={form.errors.file}
                hint="A .job.json file, as “Job file” in a job gives it."
            />
            <Button type="submit" disabled={form.processing || form.errors.file === TOO_LARGE} className="justify-self-start">
                {form.processing ? 'Reading the file…' : 'Take in the file'}
            </Button>
        </form>
    );
}
