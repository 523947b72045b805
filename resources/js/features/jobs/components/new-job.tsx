import { useForm } from '@inertiajs/react';
import { useState, type FormEvent } from 'react';
import { AboutJob, type About } from '@/features/jobs/components/about-job';
import { FileField } from '@/features/jobs/components/file-field';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';

interface Chart extends About {
    file: File | null;
}

/** A new job from a chart that a spreadsheet saved. */
export function FromChart({ maxBytes }: { maxBytes: number }) {
    const form = useForm<Chart>({ title: '', vehicle: '', units: 'mm', file: null });
    const [usable, setUsable] = useState(true);
    const submit = (event: FormEvent) => {
        event.preventDefault();
        form.post(path('jobs.from-chart'), { forceFormData: true });
    };
    return (
        <form onSubmit={submit} className="grid content-start gap-4" aria-label="New job from a chart">
            <h3 className="text-xl">From a chart (CSV)</h3>
            <AboutJob
                data={form.data}
                errors={form.errors}
                onChange={(part) => form.setData({ ...form.data, ...part })}
                unitLabel="The chart is in"
            />
            <FileField
                label="Chart file"
                accept=".csv,.txt,text/csv"
                hint="First row: id,name,side,mate,x,y,z,tolerance,base. Commas, semicolons or tabs."
                error={form.errors.file}
                maxBytes={maxBytes}
                onFile={(file, fits) => {
                    form.setData('file', file);
                    setUsable(fits);
                }}
            />
            <Button type="submit" disabled={form.processing || !usable} className="justify-self-start">
                {form.processing ? 'Reading the chart…' : 'Take in the chart'}
            </Button>
        </form>
    );
}

/** A new job from a job file of this or another Geodex. */
export function FromFile({ maxBytes }: { maxBytes: number }) {
    const form = useForm<{ file: File | null }>({ file: null });
    const [usable, setUsable] = useState(true);
    const submit = (event: FormEvent) => {
        event.preventDefault();
        form.post(path('jobs.from-file'), { forceFormData: true });
    };
    return (
        <form onSubmit={submit} className="grid content-start gap-4" aria-label="New job from a job file">
            <h3 className="text-xl">From a job file</h3>
            <FileField
                label="Job file"
                accept=".json,application/json"
                hint="A .job.json file, as “Job file” in a job gives it."
                error={form.errors.file}
                maxBytes={maxBytes}
                onFile={(file, fits) => {
                    form.setData('file', file);
                    setUsable(fits);
                }}
            />
            <Button type="submit" disabled={form.processing || !usable} className="justify-self-start">
                {form.processing ? 'Reading the file…' : 'Take in the file'}
            </Button>
        </form>
    );
}

/** A job without a file: its chart is typed in on screen, or it has none. */
export function FromNothing() {
    const form = useForm<About>({ title: '', vehicle: '', units: 'mm' });
    const submit = (event: FormEvent) => {
        event.preventDefault();
        form.post(path('jobs.empty'));
    };
    return (
        <form onSubmit={submit} className="grid content-start gap-4" aria-label="New job without a file">
            <h3 className="text-xl">Without a file</h3>
            <p className="text-soft">The chart is typed in on the next screen, or left out.</p>
            <AboutJob
                data={form.data}
                errors={form.errors}
                onChange={(part) => form.setData({ ...form.data, ...part })}
                unitLabel="The job is in"
            />
            <Button type="submit" disabled={form.processing} className="justify-self-start">
                Start the job
            </Button>
        </form>
    );
}
