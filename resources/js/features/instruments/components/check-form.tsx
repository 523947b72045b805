import { useForm } from '@inertiajs/react';
import type { FormEvent } from 'react';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import { Segmented } from '@/shared/ui/segmented';
import { Trouble } from '@/shared/ui/trouble';
import type { InstrumentProps } from '@/types/props';

const READINGS = 5;

/** A tool read against a known length, set anew each time; that says how far it is believed. */
export function CheckForm({ instrument, onDone }: { instrument: InstrumentProps; onDone: () => void }) {
    const form = useForm<{ unit: 'mm' | 'in'; known: string; readings: string[] }>({
        unit: 'mm',
        known: '',
        readings: Array<string>(READINGS).fill(''),
    });
    const errors: Partial<Record<string, string>> = form.errors;
    const submit = (event: FormEvent) => {
        event.preventDefault();
        form.post(path('instruments.check', { instrument: instrument.id }), { onSuccess: onDone });
    };
    return (
        <form onSubmit={submit} className="grid gap-4" noValidate>
            <p className="text-soft">
                Lay the tool on a length you trust: a gauge, a new steel rule, two punch marks. Read it, set the tool anew, read it again;
                three times at least, five is better.
            </p>
            {!instrument.angles && (
                <Segmented
                    label="Unit"
                    value={form.data.unit}
                    onChange={(unit) => form.setData('unit', unit)}
                    choices={[
                        { value: 'mm', label: 'mm' },
                        { value: 'in', label: 'inch' },
                    ]}
                />
            )}
            <Field
                label={instrument.angles ? 'True angle, °' : `Known length, ${form.data.unit}`}
                value={form.data.known}
                onChange={(event) => form.setData('known', event.target.value)}
                error={errors.known}
            />
            <div className="grid grid-cols-2 gap-3">
                {form.data.readings.map((reading, i) => (
                    <Field
                        key={i}
                        label={`Reading ${i + 1}`}
                        value={reading}
                        onChange={(event) =>
                            form.setData(
                                'readings',
                                form.data.readings.map((one, k) => (k === i ? event.target.value : one)),
                            )
                        }
                        error={errors[`readings.${i}`]}
                    />
                ))}
            </div>
            <Button look="quiet" className="justify-self-start" onClick={() => form.setData('readings', [...form.data.readings, ''])}>
                One more reading
            </Button>
            {(errors['problem.0'] ?? errors.readings) && <Trouble title="Not checked">{errors['problem.0'] ?? errors.readings}</Trouble>}
            <Button look="now" type="submit" disabled={form.processing} className="justify-self-start">
                What is it good to?
            </Button>
        </form>
    );
}
