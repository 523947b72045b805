import { useId } from 'react';

interface Props {
    label: string;
    value: string;
    choices: { value: string; label: string }[];
    onChange: (value: string) => void;
    inline?: boolean;
    disabled?: boolean;
}

/** A labelled choice among many; the browser's own list, since a glove finds it. */
export function Select({ label, value, choices, onChange, inline = false, disabled = false }: Props) {
    const id = useId();
    return (
        <div className={inline ? 'grid grid-cols-[auto_1fr] items-center gap-2' : ''}>
            <label htmlFor={id} className={`text-sm text-soft ${inline ? '' : 'mb-1 block'}`}>
                {label}
            </label>
            <select
                id={id}
                value={value}
                disabled={disabled}
                onChange={(event) => onChange(event.target.value)}
                className="min-h-11 w-full border border-ink bg-paper px-2 text-base disabled:opacity-60"
            >
                {choices.map((choice) => (
                    <option key={choice.value} value={choice.value}>
                        {choice.label}
                    </option>
                ))}
            </select>
        </div>
    );
}
