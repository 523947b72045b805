import type { ButtonHTMLAttributes } from 'react';

type Look = 'now' | 'plain' | 'quiet';

const LOOKS: Record<Look, string> = {
    now: 'bg-now text-now-ink border-now-ink',
    plain: 'bg-paper text-ink border-ink',
    quiet: 'bg-transparent text-ink border-transparent underline underline-offset-4 decoration-line',
};

/** `now` is for the one thing to do next; a screen has one at most. */
export function Button({
    look = 'plain',
    className = '',
    type = 'button',
    ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { look?: Look }) {
    return (
        <button
            type={type}
            className={`inline-flex min-h-11 items-center justify-center gap-2 rounded-[3px] border px-4 font-medium disabled:opacity-50 ${LOOKS[look]} ${className}`}
            {...rest}
        />
    );
}
