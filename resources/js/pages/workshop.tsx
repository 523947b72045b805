import { Head, Link } from '@inertiajs/react';
import { useRef, useState, type FormEvent } from 'react';
import { ShopValues } from '@/features/workshop/components/shop-values';
import type { Unit } from '@/shared/lib/format';
import { send } from '@/shared/lib/http';
import { path } from '@/shared/lib/path';
import { typedValues } from '@/shared/lib/typed';
import { Button } from '@/shared/ui/button';
import { Segmented } from '@/shared/ui/segmented';
import { TopBar } from '@/shared/ui/top-bar';
import { UnitSwitch } from '@/shared/ui/unit-switch';
import type { ShopValueProps, WorkshopProps } from '@/types/props';

function typedIn(values: ShopValueProps[], unit: Unit): Record<string, unknown> {
    return typedValues(
        values.map((one) => one.field),
        Object.fromEntries(values.map((one) => [one.field.name, one.own])),
        unit,
    );
}

export default function WorkshopPage({ workshop: initial }: { workshop: WorkshopProps }) {
    const [workshop, setWorkshop] = useState(initial);
    const [unit, setUnit] = useState<Unit>('mm');
    const [denominator, setDenominator] = useState(initial.inchDenominator);
    const [hidesExpected, setHidesExpected] = useState(initial.hidesExpected);
    const [typed, setTyped] = useState(() => typedIn(initial.values, 'mm'));
    const [errors, setErrors] = useState<Record<string, string>>({});
    const [notice, setNotice] = useState<string | null>(null);
    const [busy, setBusy] = useState(false);
    const revision = useRef(initial.revision);
    const submit = async (event: FormEvent) => {
        event.preventDefault();
        setBusy(true);
        const answer = await send<WorkshopProps>(
            'PUT',
            path('workshop.save'),
            { inchDenominator: String(denominator), hidesExpected, unit, values: typed },
            { revision: revision.current },
        );
        setBusy(false);
        if (answer.state === 'ok') {
            revision.current = answer.body.revision;
            setWorkshop(answer.body);
            setTyped(typedIn(answer.body.values, unit));
        }
        const fields = answer.state === 'refused' ? answer.fields : {};
        setErrors(fields);
        const atFields = Object.keys(fields).length > 0;
        setNotice(
            answer.state === 'ok'
                ? 'The shop settings are kept.'
                : answer.state === 'nothing'
                  ? null
                  : atFields
                    ? 'Nothing is kept yet: see what is said under the fields.'
                    : answer.message,
        );
    };
    return (
        <div className="min-h-dvh">
            <Head title="Shop settings" />
            <TopBar>
                <p className="min-w-0 flex-1 truncate text-soft sm:border-l sm:border-ink sm:pl-4">{workshop.name}</p>
                <UnitSwitch
                    unit={unit}
                    onChange={(next) => {
                        setUnit(next);
                        setTyped(typedIn(workshop.values, next));
                    }}
                />
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
                <form onSubmit={(event) => void submit(event)} className="grid gap-5" noValidate>
                    <div>
                        <p className="text-sm text-soft">Inches are shown to the nearest</p>
                        <Segmented
                            label="Nearest fraction"
                            value={String(denominator)}
                            onChange={(value) => setDenominator(Number(value))}
                            choices={['16', '32', '64'].map((value) => ({ value, label: `1/${value}` }))}
                        />
                    </div>
                    <div>
                        <p className="text-sm text-soft">What a reading should come to</p>
                        <Segmented
                            label="Expected value"
                            value={hidesExpected ? 'hidden' : 'shown'}
                            onChange={(value) => setHidesExpected(value === 'hidden')}
                            choices={[
                                { value: 'shown', label: 'shown before it is read' },
                                { value: 'hidden', label: 'hidden until Enter' },
                            ]}
                        />
                        <p className="mt-1 text-sm text-soft">Hidden, nobody reads off the tape what the screen has told him.</p>
                    </div>
                    <ShopValues values={workshop.values} typed={typed} unit={unit} errors={errors} onChange={setTyped} />
                    <Button look="now" type="submit" disabled={busy} className="justify-self-start">
                        Keep
                    </Button>
                </form>
            </main>
        </div>
    );
}
