import { usePage } from '@inertiajs/react';
import { useRef, type KeyboardEvent } from 'react';
import { Keypad } from '@/features/survey/components/keypad';
import { expectedWords, nextWords, readingName } from '@/shared/lib/words';
import { useUnits } from '@/shared/hooks/units';
import { Ask } from '@/shared/ui/ask';
import type { NextProps } from '@/types/props';

interface Props {
    text: string;
    onText: (text: string) => void;
    onEnter: () => void;
    onOther: (by: number) => void;
    next: NextProps | null;
    correcting: string | null;
    onStopCorrecting: () => void;
    disabled: boolean;
    onUndo: (() => void) | null;
    onBlock: (() => void) | null;
    end: string;
}

/** The field that takes what a person calls out, with the next suggested reading standing ready in it. */
export function ReadingLine({ text, onText, onEnter, onOther, next, correcting, onStopCorrecting, disabled, onUndo, onBlock, end }: Props) {
    const { unit, denominator } = useUnits();
    const field = useRef<HTMLInputElement>(null);
    const onKey = (event: KeyboardEvent) => {
        const act = {
            Enter: onEnter,
            ArrowDown: () => onOther(1),
            ArrowUp: () => onOther(-1),
            Escape: () => (text === '' ? onStopCorrecting() : onText('')),
        }[event.key];
        if (act && (event.key === 'Enter' || event.key === 'Escape' || text === '')) {
            event.preventDefault();
            act();
        }
    };
    const hides = usePage().props.user?.hidesExpected ?? false;
    const value = next && !hides ? expectedWords(next, unit, denominator) : '';
    const expected = next ? `${next.call} ${value}`.trim() : '';
    return (
        <section aria-label="Reading line">
            {correcting ? (
                <p>
                    <span className="text-soft">Taken again, replaces the old one</span>
                    <span className="block font-head text-2xl font-semibold">{correcting}</span>
                </p>
            ) : next ? (
                <p>
                    <Ask
                        about="next"
                        className="text-soft"
                        inputs={
                            hides
                                ? 'what it should read is hidden until Enter'
                                : value === ''
                                  ? 'no chart tells what it should read'
                                  : `expected ${value} ${unit}`
                        }
                    >
                        Next, {nextWords(next)}
                    </Ask>
                    <span className="flex items-center justify-between gap-2">
                        <span className="font-head text-2xl font-semibold">{readingName(next)}</span>
                        {onBlock && (
                            <button
                                type="button"
                                onClick={onBlock}
                                className="min-h-11 text-sm whitespace-nowrap underline decoration-line underline-offset-4"
                                aria-label={`${readingName(next)} cannot be taken`}
                            >
                                Can’t reach
                            </button>
                        )}
                    </span>
                </p>
            ) : (
                <p>
                    <span className="text-soft">Nothing more to suggest</span>
                    <span className="block font-head text-2xl font-semibold">{end}</span>
                </p>
            )}
            <div className="relative mt-2">
                <input
                    ref={field}
                    autoFocus
                    value={text}
                    onChange={(event) => onText(event.target.value)}
                    onKeyDown={onKey}
                    disabled={disabled}
                    data-hotkeys="u?"
                    aria-label="Reading"
                    placeholder={disabled ? 'Your role does not take readings' : expected || 'BL DR 1204'}
                    autoComplete="off"
                    autoCapitalize="characters"
                    spellCheck={false}
                    enterKeyHint="done"
                    className="h-16 w-full border-2 border-ink bg-paper pr-14 pl-3 text-[26px] placeholder:text-soft placeholder:opacity-70"
                />
                <span
                    className="pointer-events-none absolute top-1/2 right-3 -translate-y-1/2 text-lg text-soft"
                    title="what a bare number means"
                >
                    {unit}
                </span>
            </div>
            <p className="mt-1.5 text-sm text-soft max-sm:hidden">
                <b className="font-medium text-ink">Enter</b> store · <b className="font-medium text-ink">↓</b> other ·{' '}
                <b className="font-medium text-ink">u</b> unit · <b className="font-medium text-ink">?</b> keys
            </p>
            {!disabled && (
                <Keypad
                    onUndo={onUndo}
                    onType={(typed) => onText(text + typed)}
                    onBack={() => onText(text.slice(0, -1))}
                    onEnter={() => {
                        onEnter();
                        field.current?.focus({ preventScroll: true });
                    }}
                />
            )}
        </section>
    );
}
