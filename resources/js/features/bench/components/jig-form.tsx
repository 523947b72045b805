import { useState, type FormEvent } from 'react';
import { useUnits } from '@/shared/hooks/units';
import { formatLength, type Unit } from '@/shared/lib/format';
import { forAGlove } from '@/shared/lib/for-a-glove';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import { Segmented } from '@/shared/ui/segmented';
import type { JigProps } from '@/types/props';

interface Props {
    jig: JigProps | null;
    errors: Record<string, string>;
    disabled: boolean;
    onSave: (jig: Record<string, unknown>) => Promise<boolean>;
    onDone: () => void;
}

const FIELDS = [
    {
        key: 'length',
        label: 'Length between the screws',
        usual: '',
        hint: 'For a spirit level on the beams, and for how far a rail is racked.',
    },
    { key: 'width', label: 'Width between the screws', usual: '', hint: 'Left empty: not given.' },
    { key: 'pitch', label: 'Rise of a screw in one turn', usual: '2 mm' },
    { key: 'travel', label: 'Travel from stop to stop', usual: '100 mm' },
    { key: 'tolerance', label: 'Good enough', usual: '1 mm' },
] as const;

function shownLength(mm: number | null, unit: Unit, denominator: number): string {
    if (mm === null) return '';
    return unit === 'mm' ? String(mm) : formatLength(mm, 'in', denominator);
}

/** Size and screws of the bench, jig or stands; without them no turn can be told. */
export function JigForm({ jig, errors, disabled, onSave, onDone }: Props) {
    const { unit, denominator } = useUnits();
    const shown = (key: (typeof FIELDS)[number]['key'], usual: string) => (jig ? shownLength(jig[key], unit, denominator) : usual);
    const [typed, setTyped] = useState<Record<string, string>>(() =>
        Object.fromEntries(FIELDS.map(({ key, usual }) => [key, shown(key, usual)])),
    );
    const [raises, setRaises] = useState<'yes' | 'no'>(jig?.clockwiseRaises === false ? 'no' : 'yes');
    const submit = async (event: FormEvent) => {
        event.preventDefault();
        if (await onSave({ ...typed, unit, clockwiseRaises: raises === 'yes' })) onDone();
    };
    return (
        <form onSubmit={submit} className="grid gap-3 sm:grid-cols-2" aria-label="Bench" noValidate>
            {FIELDS.map((field) => (
                <Field
                    key={field.key}
                    label={`${field.label}, ${unit}`}
                    hint={'hint' in field ? field.hint : undefined}
                    value={typed[field.key] ?? ''}
                    onChange={(event) => setTyped({ ...typed, [field.key]: event.target.value })}
                    error={errors[field.key]}
                    {...forAGlove()}
                    disabled={disabled}
                    autoComplete="off"
                />
            ))}
            <div>
                <p className="mb-1 text-sm text-soft">Clockwise from above</p>
                <Segmented
                    label="Clockwise from above"
                    value={raises}
                    onChange={setRaises}
                    choices={[
                        { value: 'yes', label: 'raises' },
                        { value: 'no', label: 'lowers' },
                    ]}
                />
            </div>
            {!disabled && (
                <Button look="now" type="submit" className="justify-self-start sm:col-span-2">
                    Keep the bench
                </Button>
            )}
        </form>
    );
}
