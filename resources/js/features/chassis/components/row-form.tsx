import { useEffect, useRef, useState } from 'react';
import type { Refusal, Row } from '@/features/chassis/hooks/use-chassis';
import { useUnits } from '@/shared/hooks/units';
import { Button } from '@/shared/ui/button';
import { FieldInputs } from '@/shared/ui/field-inputs';
import type { ChassisListProps } from '@/types/props';

interface Props {
    list: ChassisListProps;
    row: Row;
    /** Its place in the list, which the server names what is wrong by. */
    at: number;
    isNew: boolean;
    refusal: Refusal | null;
    busy: boolean;
    onSave: (row: Row) => void;
    onRemove: () => void;
    onClose: () => void;
}

/** One part of the frame while it is typed. */
export function RowForm({ list, row, at, isNew, refusal, busy, onSave, onRemove, onClose }: Props) {
    const { unit } = useUnits();
    const [values, setValues] = useState(row.values);
    const form = useRef<HTMLFormElement>(null);
    useEffect(() => {
        // Newer browsers promise something here, which is no way to clean up.
        void form.current?.scrollIntoView({ block: 'nearest' });
    }, []);
    return (
        <form
            ref={form}
            aria-label={`${list.label} ${row.id}`}
            className="border border-ink p-3"
            onSubmit={(event) => {
                event.preventDefault();
                onSave({ id: row.id, values });
            }}
        >
            <h3 className="mb-2 text-xl">
                {list.label} {row.id}
            </h3>
            <div className="grid grid-cols-2 gap-x-3 gap-y-2">
                <FieldInputs
                    fields={list.fields}
                    unit={unit}
                    values={values}
                    onChange={setValues}
                    errors={refusal?.fields ?? {}}
                    within={`rows.${list.list}[${at}].`}
                    focus={isNew ? list.fields.find((field) => field.isRequired && field.kind !== 'choice')?.name : undefined}
                />
            </div>
            <div className="mt-3 flex flex-wrap gap-2">
                <Button type="submit" look="now" disabled={busy}>
                    {busy ? 'Keeping…' : 'Keep'}
                </Button>
                <Button onClick={onClose}>Close</Button>
                {!isNew && (
                    <Button look="quiet" onClick={onRemove} disabled={busy}>
                        Take out
                    </Button>
                )}
            </div>
        </form>
    );
}
