import { useId } from 'react';

interface Props {
    label: string;
    value: string;
    choices: { value: string; label: string }[];
    onChange: (value: string) => void;
    hidden?: boolean;
    disabled?: boolean;
}

/** A labelled choice among many; the browser's own list, since a glove finds it. */
export function Select({ label, value, choices, onChange, hidden = false, disabled = false }: Props) {
    const id = useId();
    return (
        <div>
            <label htmlFor={id} className={hidden ? 'sr-only' : 'mb-1 block text-sm text-soft'}>
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
