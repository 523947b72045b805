import { Head, Link, useForm } from '@inertiajs/react';
import { useRef, useState, type FormEvent } from 'react';
import { send } from '@/shared/lib/http';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import { Segmented } from '@/shared/ui/segmented';
import { TopBar } from '@/shared/ui/top-bar';
import type { WorkshopProps } from '@/types/props';

const LIMIT_NAMES: Record<string, string> = {
    greatestJointAngle: 'Greatest joint angle at ride height, degrees',
    leastJointAngle: 'Least joint angle, degrees',
    greatestDifference: 'Greatest difference of the two joint angles, degrees',
    greatestResidual: 'Greatest uncancelled angle, degrees',
    greatestSpeedShare: 'Greatest share of the critical speed, 0.75 is 75 %',
};

export default function WorkshopPage({ workshop }: { workshop: WorkshopProps }) {
    const [notice, setNotice] = useState<string | null>(null);
    const [busy, setBusy] = useState(false);
    const revision = useRef(workshop.revision);
    const form = useForm({
        inchDenominator: String(workshop.inchDenominator),
        tramReach: `${workshop.tramReach} mm`,
        buildScatter: `${workshop.buildScatter} mm`,
        hidesExpected: workshop.hidesExpected,
        limits: Object.fromEntries(workshop.limits.map((limit) => [limit.key, String(limit.value)])),
    });
    const errors = form.errors as Record<string, string | undefined>;
    const submit = async (event: FormEvent) => {
        event.preventDefault();
        setBusy(true);
        const answer = await send<WorkshopProps>('PUT', path('workshop.save'), form.data, { revision: revision.current });
        setBusy(false);
        form.clearErrors();
        if (answer.state === 'ok') revision.current = answer.body.revision;
        if (answer.state === 'refused') form.setError(answer.fields as typeof form.errors);
        const atFields = answer.state === 'refused' && Object.keys(answer.fields).length > 0;
        setNotice(answer.state === 'ok' ? 'The shop settings are kept.' : answer.state === 'nothing' || atFields ? null : answer.message);
    };
    return (
        <div className="min-h-dvh">
            <Head title="Shop settings" />
            <TopBar>
                <p className="truncate text-soft sm:border-l sm:border-ink sm:pl-4">{workshop.name}</p>
            </TopBar>
            <main className="mx-auto max-w-3xl px-4 py-8">
                <h1 className="text-4xl">Shop settings</h1>
                <p className="mb-6 text-soft">
                    They hold for every job of the shop.{' '}
                    <Link className="underline underline-offset-4" href={path('jobs')}>
                        Back to the jobs
                    </Link>
                </p>
                {notice && (
                    <p role="status" className="mb-4 border-l-[6px] border-ink pl-3">
                        {notice}
                    </p>
                )}
                <form onSubmit={(event) => void submit(event)} className="grid gap-5">
                    <div>
                        <p className="text-sm text-soft">Inches are shown to the nearest</p>
                        <Segmented
                            label="Nearest fraction"
                            value={form.data.inchDenominator}
                            onChange={(value) => form.setData('inchDenominator', value)}
                            choices={['16', '32', '64'].map((value) => ({ value, label: `1/${value}` }))}
                        />
                    </div>
                    <Field
                        label="Reach of the tram bar"
                        value={form.data.tramReach}
                        onChange={(event) => form.setData('tramReach', event.target.value)}
                        error={errors.tramReach}
                        hint="No longer tram reading is suggested. A tram bar named under Instruments counts instead."
                    />
                    <Field
                        label="Build scatter of a sound frame, one sigma"
                        value={form.data.buildScatter}
                        onChange={(event) => form.setData('buildScatter', event.target.value)}
                        error={errors.buildScatter}
                        hint="Base points are tested against each other; this much any of them may stand off its chart undamaged. Usual: 1 mm."
                    />
                    <div>
                        <p className="text-sm text-soft">What a reading should come to</p>
                        <Segmented
                            label="Expected value"
                            value={form.data.hidesExpected ? 'hidden' : 'shown'}
                            onChange={(value) => form.setData('hidesExpected', value === 'hidden')}
                            choices={[
                                { value: 'shown', label: 'shown before it is read' },
                                { value: 'hidden', label: 'hidden until Enter' },
                            ]}
                        />
                        <p className="mt-1 text-sm text-soft">Hidden, nobody reads off the tape what the screen has told him.</p>
                    </div>
                    <h2 className="text-2xl">Driveline guidelines</h2>
                    {workshop.limits.map((limit) => (
                        <Field
                            key={limit.key}
                            label={LIMIT_NAMES[limit.key] ?? limit.key}
                            value={form.data.limits[limit.key] ?? ''}
                            onChange={(event) => form.setData('limits', { ...form.data.limits, [limit.key]: event.target.value })}
                            error={errors[`limits.${limit.key}`]}
                            hint={limit.source}
                        />
                    ))}
                    <Button look="now" type="submit" disabled={busy} className="justify-self-start">
                        Keep
                    </Button>
                </form>
            </main>
        </div>
    );
}
