import { Button } from '@/shared/ui/button';
import { Segmented } from '@/shared/ui/segmented';
import type { PlanProps } from '@/types/props';

const LETTERS = ['A', 'B', 'C'];

interface Props {
    plan: PlanProps;
    canWork: boolean;
    onChoose: (letter: string) => void;
    onDrop: (letter: string) => void;
}

/** The variants of the plan: one is in force, the others are kept beside it; a new one starts as a copy. */
export function Variants({ plan, canWork, onChoose, onDrop }: Props) {
    const next = LETTERS.find((letter) => !plan.variants.includes(letter));
    if (plan.variants.length < 2 && (!canWork || plan.operations.length === 0)) return null;
    return (
        <div className="flex flex-wrap items-center gap-3">
            {plan.variants.length > 1 && (
                <Segmented
                    label="Variant in force"
                    value={plan.variant}
                    onChange={(letter) => canWork && onChoose(letter)}
                    choices={plan.variants.map((letter) => ({ value: letter, label: `Variant ${letter}` }))}
                />
            )}
            {canWork && next && (
                <Button look="quiet" onClick={() => onChoose(next)}>
                    {`Copy to a variant ${next}`}
                </Button>
            )}
            {canWork &&
                plan.variants
                    .filter((letter) => letter !== plan.variant)
                    .map((letter) => (
                        <Button key={letter} look="quiet" onClick={() => onDrop(letter)}>
                            {`Drop ${letter}`}
                        </Button>
                    ))}
        </div>
    );
}
