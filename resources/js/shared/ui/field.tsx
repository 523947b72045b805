import { useId, type InputHTMLAttributes } from 'react';

interface Props extends InputHTMLAttributes<HTMLInputElement> {
    label: string;
    hint?: string;
    error?: string | undefined;
}

/** A labelled text field that says under itself what is wrong with what was typed. */
export function Field({ label, hint, error, className = '', ...rest }: Props) {
    const id = useId();
    return (
        <div className={className}>
            <label htmlFor={id} className="mb-1 block text-sm text-soft">
                {label}
            </label>
            <input
                id={id}
                aria-invalid={error ? true : undefined}
                aria-describedby={error || hint ? `${id}-note` : undefined}
                className="min-h-11 w-full border border-ink bg-paper px-3 text-lg file:mr-3 file:min-h-11 file:border-r file:border-ink file:pr-3 file:font-medium aria-invalid:border-2 aria-invalid:border-out"
                {...rest}
            />
            {(error ?? hint) && (
                <p id={`${id}-note`} className={`mt-1 text-sm ${error ? 'font-medium text-out' : 'text-soft'}`}>
                    {error ?? hint}
                </p>
            )}
        </div>
    );
}
