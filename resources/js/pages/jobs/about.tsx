import { Head, Link, useForm, usePage } from '@inertiajs/react';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import { Problems } from '@/shared/ui/problems';
import { TopBar } from '@/shared/ui/top-bar';
import type { JobAboutProps } from '@/types/props';

const FIELDS = [
    { name: 'title', label: 'Title', hint: '' },
    { name: 'vehicle', label: 'Vehicle', hint: '' },
    { name: 'plate', label: 'Number plate', hint: '' },
    { name: 'frameNumber', label: 'Frame number', hint: 'As it is stamped.' },
    { name: 'odometer', label: 'Odometer', hint: 'As it was read off, with its unit.' },
    { name: 'customerReference', label: 'Customer reference', hint: 'An order or a name that the office knows.' },
] as const;

/** What a job is called and about. */
export default function JobAboutPage({ about }: { about: JobAboutProps }) {
    const { notice } = usePage().props;
    return (
        <div className="min-h-dvh">
            <Head title={`About ${about.title}`} />
            <TopBar />
            <main className="mx-auto max-w-3xl px-4 py-8">
                <h1 className="text-4xl">About this job</h1>
                <Link
                    href={path('job', { job: about.id })}
                    className="inline-flex min-h-11 items-center underline decoration-line underline-offset-4"
                >
                    Open {about.title}
                </Link>
                {notice && (
                    <p role="status" className="mb-4 border-l-[6px] border-ink pl-3">
                        {notice}
                    </p>
                )}
                <AboutForm key={about.revision} about={about} />
            </main>
        </div>
    );
}

function AboutForm({ about }: { about: JobAboutProps }) {
    const form = useForm({
        title: about.title,
        vehicle: about.vehicle,
        plate: about.plate,
        frameNumber: about.frameNumber,
        odometer: about.odometer,
        customerReference: about.customerReference,
        notes: about.notes,
        revision: about.revision,
    });
    return (
        <form
            className="mt-4 grid gap-4"
            noValidate
            onSubmit={(event) => {
                event.preventDefault();
                form.put(path('job.about.save', { job: about.id }));
            }}
        >
            <div className="empty:hidden">
                <Problems errors={form.errors} what="What was typed" />
            </div>
            {FIELDS.map(({ name, label, hint }) => (
                <Field
                    key={name}
                    label={label}
                    hint={hint}
                    value={form.data[name]}
                    readOnly={!about.canWork}
                    onChange={(event) => form.setData(name, event.target.value)}
                    error={form.errors[name]}
                />
            ))}
            <label className="grid gap-1 text-sm text-soft">
                Notes
                <textarea
                    rows={6}
                    className="border border-ink bg-paper p-3 text-lg text-ink"
                    value={form.data.notes}
                    readOnly={!about.canWork}
                    onChange={(event) => form.setData('notes', event.target.value)}
                />
                {form.errors.notes && <span className="font-medium text-out">{form.errors.notes}</span>}
            </label>
            {about.canWork && (
                <Button look="now" type="submit" disabled={form.processing} className="justify-self-start">
                    Keep it
                </Button>
            )}
        </form>
    );
}
