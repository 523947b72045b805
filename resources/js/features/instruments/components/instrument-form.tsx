import { useForm } from '@inertiajs/react';
import type { FormEvent } from 'react';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import { Segmented } from '@/shared/ui/segmented';
import { Select } from '@/shared/ui/select';
import type { InstrumentProps } from '@/types/props';

const KINDS = [
    { value: 'tram-bar', label: 'tram bar' },
    { value: 'tape', label: 'tape' },
    { value: 'plumb-bob', label: 'plumb bob to the bench' },
    { value: 'height-staff', label: 'height staff' },
    { value: 'level', label: 'digital level' },
    { value: 'dial', label: 'dial on a shaft' },
];

/** A tool by name, kind and reach; a stand-in also by what it hides. */
export function InstrumentForm({ instrument, onDone }: { instrument: InstrumentProps | null; onDone: () => void }) {
    const form = useForm({
        unit: 'mm',
        name: instrument?.name ?? '',
        kind: instrument?.kind ?? 'tram-bar',
        reach: instrument?.reach === null || instrument === null ? '' : `${instrument.reach} mm`,
        simulated: instrument?.simulated !== null && instrument !== null,
        seed: String(instrument?.simulated?.seed ?? 1),
        slop: String(instrument?.simulated?.slop ?? 1),
        misreads: String(instrument?.simulated?.misreads ?? 0.03),
        damage: instrument?.simulated?.damage ?? '',
    });
    const submit = (event: FormEvent) => {
        event.preventDefault();
        if (instrument) form.put(path('instruments.update', { instrument: instrument.id }), { onSuccess: onDone });
        else form.post(path('instruments.store'), { onSuccess: onDone });
    };
    const text = (key: 'name' | 'reach' | 'seed' | 'slop' | 'misreads' | 'damage', label: string, hint?: string) => (
        <Field
            label={label}
            hint={hint}
            value={form.data[key]}
            onChange={(event) => form.setData(key, event.target.value)}
            error={form.errors[key]}
            autoComplete="off"
        />
    );
    return (
        <form onSubmit={submit} className="grid gap-4" noValidate>
            {text('name', 'Name')}
            <Select
                label="Kind"
                value={form.data.kind}
                onChange={(kind) => form.setData('kind', kind as InstrumentProps['kind'])}
                choices={KINDS}
            />
            {text('reach', 'Reach, if it has one', 'Such as 2.5 m or 98 in.')}
            <Segmented
                label="Real or simulated"
                value={form.data.simulated ? 'simulated' : 'real'}
                onChange={(value) => form.setData('simulated', value === 'simulated')}
                choices={[
                    { value: 'real', label: 'a real tool' },
                    { value: 'simulated', label: 'a simulated one' },
                ]}
            />
            {form.data.simulated && (
                <div className="grid grid-cols-2 gap-3">
                    {text('seed', 'Seed', 'The same seed, the same frame.')}
                    {text('slop', 'Slop, times the usual')}
                    {text('misreads', 'Misreads, 0 to 1')}
                    {text('damage', 'Damage it hides', 'rear-sidesway=12,rear-twist=-8')}
                </div>
            )}
            <Button look="now" type="submit" disabled={form.processing} className="justify-self-start">
                Keep it
            </Button>
        </form>
    );
}
