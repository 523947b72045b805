import type { Draft } from '@/features/plan/hooks/use-plan';
import { useUnits } from '@/shared/hooks/units';
import { Button } from '@/shared/ui/button';
import { FieldInputs } from '@/shared/ui/field-inputs';
import { Select } from '@/shared/ui/select';
import type { OperationKindProps } from '@/types/props';

interface Props {
    draft: Draft;
    kinds: OperationKindProps[];
    index: number;
    errors: Record<string, string>;
    isSaved: boolean;
    disabled: boolean;
    onEdit: (change: Partial<Draft>) => void;
    onSave: () => void;
    onRemove: () => void;
}

/** One operation as it is typed; its kind says what is asked for. */
export function OperationCard({ draft, kinds, index, errors, isSaved, disabled, onEdit, onSave, onRemove }: Props) {
    const { unit } = useUnits();
    const kind = kinds.find((one) => one.kind === draft.kind);
    return (
        <form
            className="border-l-[6px] border-ink pl-3"
            aria-label={`Operation ${draft.id}`}
            onSubmit={(event) => {
                event.preventDefault();
                onSave();
            }}
        >
            <div className="flex items-center justify-between gap-2">
                <h3 className="text-xl">{draft.id}</h3>
                <Select
                    label="What is done"
                    value={draft.kind}
                    onChange={(kind) => onEdit({ kind })}
                    choices={kinds.map((one) => ({ value: one.kind, label: one.label }))}
                />
            </div>
            <fieldset disabled={disabled} className="mt-2 grid grid-cols-2 gap-x-3 gap-y-2">
                <FieldInputs
                    fields={kind?.fields ?? []}
                    unit={unit}
                    values={draft.values}
                    onChange={(values) => onEdit({ values })}
                    errors={errors}
                    within={`operations.${index}.`}
                    focus={kind?.fields.find((field) => field.isRequired && draft.values[field.name] === undefined)?.name}
                />
                <div className="col-span-2 flex gap-2">
                    <Button type="submit" look={isSaved ? 'plain' : 'now'}>
                        {isSaved ? 'Plan it again' : 'Plan it'}
                    </Button>
                    <Button look="quiet" onClick={onRemove}>
                        Remove
                    </Button>
                </div>
            </fieldset>
        </form>
    );
}
