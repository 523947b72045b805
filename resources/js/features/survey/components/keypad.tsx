import { useState } from 'react';
import { useUnits } from '@/shared/hooks/units';

const NUMBERS = ['7', '8', '9', '4', '5', '6', '1', '2', '3', '−', '0', '.'];
const PARTS = ['/2', '/4', '/8', '/16', '/32'];

interface Props {
    onType: (typed: string) => void;
    onBack: () => void;
    onEnter: () => void;
    onUndo: (() => void) | null;
}

/** Large keys for a glove: numbers, and the parts of an inch. Type "62", space, "7", "/16". */
export function Keypad({ onType, onBack, onEnter, onUndo }: Props) {
    const { unit, toggle } = useUnits();
    const [open, setOpen] = useState(() => window.matchMedia('(pointer: coarse)').matches);
    const key = 'min-h-14 rounded-[3px] border border-ink text-xl font-medium';
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
                    <div className="col-span-3 grid grid-cols-3 gap-1.5">
                        {NUMBERS.map((number) => (
                            <button
                                key={number}
                                type="button"
                                className={key}
                                onClick={() => onType(number)}
                                aria-label={number === '−' ? 'minus' : number === '.' ? 'point' : number}
                            >
                                {number}
                            </button>
                        ))}
                    </div>
                    <div className="grid gap-1.5">
                        {PARTS.slice(0, 4).map((part) => (
                            <button key={part} type="button" className={key} onClick={() => onType(part)}>
                                {part}
                            </button>
                        ))}
                    </div>
                    <button type="button" className={key} onClick={toggle} aria-label={`Unit, now ${unit}`}>
                        {unit}
                    </button>
                    <button type="button" className={key} onClick={() => onType(' ')}>
                        space
                    </button>
                    <button type="button" className={key} onClick={onBack} aria-label="Delete">
                        ⌫
                    </button>
                    <button type="button" className={key} onClick={() => onType(PARTS[4] ?? '')}>
                        {PARTS[4]}
                    </button>
                    <button
                        type="button"
                        className={`${key} col-span-4 bg-ink text-paper max-lg:sticky max-lg:bottom-0 max-lg:z-10`}
                        onClick={onEnter}
                    >
                        Store
                    </button>
                </div>
            )}
        </div>
    );
}
