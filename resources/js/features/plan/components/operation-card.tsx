import type { Draft } from '@/features/plan/hooks/use-plan';
import { useUnits } from '@/shared/hooks/units';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import { Segmented } from '@/shared/ui/segmented';

interface Props {
    draft: Draft;
    index: number;
    errors: Record<string, string>;
    isSaved: boolean;
    disabled: boolean;
    onEdit: (change: Partial<Draft>) => void;
    onSave: () => void;
    onRemove: () => void;
}

const FIELDS = [
    ['at', 'Cut at station'],
    ['length', 'Length'],
    ['kerf', 'Saw cut'],
    ['witness', 'Witness marks'],
] as const;

/** One stretch or shorten as it is typed. */
export function OperationCard({ draft, index, errors, isSaved, disabled, onEdit, onSave, onRemove }: Props) {
    const { unit } = useUnits();
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
                <Segmented
                    label="What is done"
                    value={draft.kind}
                    onChange={(kind) => onEdit({ kind })}
                    choices={[
                        { value: 'stretch', label: 'Stretch' },
                        { value: 'shorten', label: 'Shorten' },
                    ]}
                />
            </div>
            <fieldset disabled={disabled} className="mt-2 grid grid-cols-2 gap-x-3 gap-y-2">
                {FIELDS.map(([name, label]) => (
                    <Field
                        key={name}
                        label={`${label}, ${unit}`}
                        value={draft[name]}
                        onChange={(event) => onEdit({ [name]: event.target.value })}
                        error={errors[`operations.${index}.${name}`]}
                        autoComplete="off"
                        autoFocus={name === 'length' && draft.length === ''}
                    />
                ))}
                <label className="col-span-2 flex min-h-11 items-center gap-2">
                    <input
                        type="checkbox"
                        className="size-5 accent-[var(--ink)]"
                        checked={draft.level}
                        onChange={(event) => onEdit({ level: event.target.checked })}
                    />
                    Lay the insert level, even where the rail slopes
                </label>
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
