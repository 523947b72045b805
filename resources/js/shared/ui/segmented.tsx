import { ToggleGroup } from 'radix-ui';

interface Choice<T extends string> {
    value: T;
    label: string;
}

export function Segmented<T extends string>({
    label,
    value,
    choices,
    onChange,
}: {
    label: string;
    value: T;
    choices: Choice<T>[];
    onChange: (value: T) => void;
}) {
    return (
        <ToggleGroup.Root
            type="single"
            aria-label={label}
            value={value}
            onValueChange={(next) => next !== '' && onChange(next as T)}
            className="inline-flex overflow-hidden rounded-[3px] border border-ink"
        >
            {choices.map((choice) => (
                <ToggleGroup.Item
                    key={choice.value}
                    value={choice.value}
                    className="min-h-11 px-3.5 font-medium focus-visible:-outline-offset-4 data-[state=on]:bg-ink data-[state=on]:text-paper"
                >
                    {choice.label}
                </ToggleGroup.Item>
            ))}
        </ToggleGroup.Root>
    );
}
