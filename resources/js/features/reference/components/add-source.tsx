import { router, useForm } from '@inertiajs/react';
import { useState, type FormEvent } from 'react';
import { useUnits } from '@/shared/hooks/units';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import { Segmented } from '@/shared/ui/segmented';
import { Select } from '@/shared/ui/select';
import type { SurveyChoiceProps } from '@/types/props';

const HINTS = {
    chart: 'CSV with id,side,mate,x,y,z, or a job file; its places are taken.',
    lengths: 'CSV with from,to,length and, for heights, kind; coordinates are worked out of it.',
    sister: 'Job file of the sister vehicle with her survey.',
};

/** Another reference: from a file, or made of a survey in the shop. */
export function AddSource({ job, surveys }: { job: number; surveys: SurveyChoiceProps[] }) {
    const { unit } = useUnits();
    const form = useForm<{ name: string; kind: 'chart' | 'lengths' | 'sister'; unit: string; file: File | null }>({
        name: '',
        kind: 'chart',
        unit,
        file: null,
    });
    const [survey, setSurvey] = useState('');
    const submit = (event: FormEvent) => {
        event.preventDefault();
        form.transform((data) => ({ ...data, unit }));
        form.post(path('reference.file', { job }), { forceFormData: true, preserveState: 'errors' });
    };
    const chosen = surveys.find((one) => String(one.id) === survey);
    return (
        <details>
            <summary className="min-h-11 content-center text-lg font-medium">Add another reference</summary>
            <div className="grid gap-6 pt-2">
                <form onSubmit={submit} className="grid gap-3" aria-label="Reference from a file">
                    <Segmented
                        label="What the file is"
                        value={form.data.kind}
                        onChange={(kind) => form.setData('kind', kind)}
                        choices={[
                            { value: 'chart', label: 'chart' },
                            { value: 'lengths', label: 'point to point' },
                            { value: 'sister', label: 'sister' },
                        ]}
                    />
                    <Field
                        label="Name"
                        value={form.data.name}
                        onChange={(event) => form.setData('name', event.target.value)}
                        error={form.errors.name}
                    />
                    <Field
                        label="File"
                        type="file"
                        hint={HINTS[form.data.kind]}
                        error={form.errors.file}
                        onChange={(event) => form.setData('file', event.target.files?.[0] ?? null)}
                    />
                    <Button type="submit" disabled={form.processing || form.data.file === null} className="justify-self-start">
                        {form.processing ? 'Reading the file…' : 'Add the file'}
                    </Button>
                </form>
                {surveys.length > 0 && (
                    <div className="grid gap-3">
                        <Select
                            label="Or a survey in the shop, as it was measured"
                            value={survey}
                            onChange={setSurvey}
                            choices={[
                                { value: '', label: 'choose one' },
                                ...surveys.map((one) => ({
                                    value: String(one.id),
                                    label: `${one.own ? 'this job' : one.job}, “${one.code}”${one.stage === 'sister' ? ', sister vehicle' : ''}`,
                                })),
                            ]}
                        />
                        <Button
                            disabled={!chosen}
                            className="justify-self-start"
                            onClick={() =>
                                chosen &&
                                router.post(path('reference.survey', { job }), {
                                    survey: chosen.id,
                                    name: chosen.own ? `Survey “${chosen.code}”` : `${chosen.job}, “${chosen.code}”`,
                                })
                            }
                        >
                            Add the survey
                        </Button>
                    </div>
                )}
            </div>
        </details>
    );
}
