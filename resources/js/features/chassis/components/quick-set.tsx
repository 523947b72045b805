import { useState } from 'react';
import type { Refusal } from '@/features/chassis/hooks/use-chassis';
import { useUnits } from '@/shared/hooks/units';
import { Button } from '@/shared/ui/button';
import { FieldInputs } from '@/shared/ui/field-inputs';
import type { FieldProps } from '@/types/props';

interface Props {
    fields: FieldProps[];
    refusal: Refusal | null;
    busy: boolean;
    onMake: (values: Record<string, unknown>) => void;
}

/** A plain ladder truck from eight numbers, to start with; everything it makes can be changed afterwards. */
export function QuickSet({ fields, refusal, busy, onMake }: Props) {
    const { unit } = useUnits();
    const [values, setValues] = useState<Record<string, unknown>>({});
    return (
        <form
            aria-label="A plain ladder truck"
            className="border border-ink p-3"
            onSubmit={(event) => {
                event.preventDefault();
                onMake(values);
            }}
        >
            <h2 className="text-2xl">A plain ladder truck</h2>
            <p className="mb-3 text-soft">
                Eight numbers that a tape gives make two straight rails, two axles, spring hangers and crossmembers. Crossmembers are set
                evenly as a first guess: move each to where it is.
            </p>
            <div className="grid grid-cols-2 gap-3">
                <FieldInputs fields={fields} unit={unit} values={values} onChange={setValues} errors={refusal?.fields ?? {}} />
            </div>
            <Button type="submit" look="now" className="mt-3" disabled={busy}>
                {busy ? 'Making…' : 'Make this frame'}
            </Button>
        </form>
    );
}
