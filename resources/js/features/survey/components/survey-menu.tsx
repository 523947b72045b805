import { router, useForm } from '@inertiajs/react';
import { TakeInTable } from '@/features/survey/components/take-in-table';
import { useState, type FormEvent } from 'react';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import { Menu, MenuItem } from '@/shared/ui/menu';
import { Segmented } from '@/shared/ui/segmented';
import { Sheet } from '@/shared/ui/sheet';
import type { JobProps } from '@/types/props';

const STAGES = [
    { value: 'before', label: 'before' },
    { value: 'tack', label: 'at tack' },
    { value: 'after', label: 'after' },
    { value: 'sister', label: 'sister vehicle' },
];

/** Which survey of the job is open, the others, and a new one. */
export function SurveyMenu({ job }: { job: JobProps }) {
    const [starting, setStarting] = useState(false);
    const [renaming, setRenaming] = useState(false);
    const [takingIn, setTakingIn] = useState(false);
    const at = { job: job.id, survey: job.survey };
    const isToTarget = job.surveys.find((one) => one.code === job.survey)?.toTarget ?? false;
    return (
        <>
            <Menu
                label={`Survey “${job.surveys.find((one) => one.code === job.survey)?.name ?? job.survey}”${isToTarget ? ', to target' : ''}`}
            >
                {job.surveys.map((survey) => (
                    <MenuItem key={survey.code} onSelect={() => router.visit(survey.href)}>
                        {survey.name}
                        <span className="ml-3 text-sm text-soft">
                            {STAGES.find((stage) => stage.value === survey.stage)?.label}
                            {survey.code === job.survey && ', open'}
                        </span>
                    </MenuItem>
                ))}
                {job.surveys
                    .filter((survey) => survey.code !== job.survey && survey.stage !== 'sister')
                    .map((survey) => (
                        <MenuItem
                            key={`since ${survey.code}`}
                            onSelect={() => router.visit(path('movement', { ...at, since: survey.code }))}
                        >
                            What moved since “{survey.name}”
                        </MenuItem>
                    ))}
                {job.can.work && (
                    <MenuItem onSelect={() => router.post(path('survey.against', at), { target: !isToTarget })}>
                        {isToTarget ? 'Hold it against the chart' : 'Hold it against the plan’s target'}
                    </MenuItem>
                )}
                {job.can.work && <MenuItem onSelect={() => setRenaming(true)}>Rename this survey…</MenuItem>}
                {job.can.work && <MenuItem onSelect={() => setStarting(true)}>Start another survey…</MenuItem>}
                <MenuItem onSelect={() => window.location.assign(path('readings.table', at))}>Readings as a table (CSV)</MenuItem>
                {job.can.work && <MenuItem onSelect={() => setTakingIn(true)}>Take in a table of readings…</MenuItem>}
            </Menu>
            {takingIn && <TakeInTable job={job} onClose={() => setTakingIn(false)} />}
            {renaming && <RenameSurvey job={job} onClose={() => setRenaming(false)} />}
            {starting && <StartSurvey job={job} onClose={() => setStarting(false)} />}
        </>
    );
}

function StartSurvey({ job, onClose }: { job: JobProps; onClose: () => void }) {
    const form = useForm({ name: '', stage: 'tack' });
    const submit = (event: FormEvent) => {
        event.preventDefault();
        form.post(path('surveys', { job: job.id }));
    };
    return (
        <Sheet open onOpenChange={(open) => !open && onClose()} title="Start another survey">
            <form onSubmit={submit} className="grid gap-4">
                <Field
                    label="Name"
                    value={form.data.name}
                    onChange={(event) => form.setData('name', event.target.value)}
                    error={form.errors.name}
                    hint="Such as: second tack, rear."
                    autoFocus
                />
                <Segmented
                    label="When in the work"
                    value={form.data.stage}
                    onChange={(stage) => form.setData('stage', stage)}
                    choices={STAGES}
                />
                <Button look="now" type="submit" disabled={form.processing} className="justify-self-start">
                    Start it
                </Button>
            </form>
        </Sheet>
    );
}

function RenameSurvey({ job, onClose }: { job: JobProps; onClose: () => void }) {
    const form = useForm({ name: job.surveys.find((one) => one.code === job.survey)?.name ?? '' });
    const submit = (event: FormEvent) => {
        event.preventDefault();
        form.put(path('survey.rename', { job: job.id, survey: job.survey }), { preserveState: true, onSuccess: onClose });
    };
    return (
        <Sheet open onOpenChange={(open) => !open && onClose()} title="Rename this survey">
            <form onSubmit={submit} className="grid gap-4">
                <Field
                    label="Name"
                    value={form.data.name}
                    onChange={(event) => form.setData('name', event.target.value)}
                    error={form.errors.name}
                    autoFocus
                />
                <Button look="now" type="submit" disabled={form.processing} className="justify-self-start">
                    Keep it
                </Button>
            </form>
        </Sheet>
    );
}
