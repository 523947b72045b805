import { useState } from 'react';
import { useUnits } from '@/shared/hooks/units';
import { isGlove } from '@/shared/lib/for-a-glove';
import { KEY, PadKeys } from '@/shared/ui/pad-keys';

interface Props {
    onType: (typed: string) => void;
    onBack: () => void;
    onEnter: () => void;
    onUndo: (() => void) | null;
}

/** Large keys for a glove: numbers, and the parts of an inch. Type "62", space, "7", "/16". */
export function Keypad({ onType, onBack, onEnter, onUndo }: Props) {
    const { unit, toggle } = useUnits();
    const [open, setOpen] = useState(isGlove);
    return (
        <div className="no-print">
            <div className="flex gap-5 text-sm">
                <button
                    type="button"
                    onClick={() => setOpen(!open)}
                    aria-expanded={open}
                    className="min-h-11 underline decoration-line underline-offset-4"
                >
                    {open ? 'Hide the keypad' : 'Keypad'}
                </button>
                {onUndo && (
                    <button type="button" onClick={onUndo} className="min-h-11 underline decoration-line underline-offset-4">
                        Undo my last entry
                    </button>
                )}
            </div>
            {open && (
                <div className="grid grid-cols-4 gap-1.5" role="group" aria-label="Keypad" data-keypad-open>
                    <PadKeys onType={onType} />
                    <button type="button" className={KEY} onClick={toggle} aria-label={`Unit, now ${unit}`}>
                        {unit}
                    </button>
                    <button type="button" className={KEY} onClick={() => onType(' ')}>
                        space
                    </button>
                    <button type="button" className={KEY} onClick={onBack} aria-label="Delete">
                        ⌫
                    </button>
                    <button type="button" className={KEY} onClick={() => onType('/32')}>
                        /32
                    </button>
                    <button
                        type="button"
                        className={`${KEY} col-span-4 bg-ink text-paper max-lg:sticky max-lg:bottom-0 max-lg:z-10`}
                        onClick={onEnter}
                    >
                        Store
                    </button>
                </div>
            )}
        </div>
    );
}
