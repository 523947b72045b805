import { useEffect, useState } from 'react';
import { takeBack, typeInto, withLetters } from '@/shared/lib/type-into';
import { KEY, PadKeys } from '@/shared/ui/pad-keys';

/** The pad under whatever field for numbers is being filled in with a finger; letters bring the device's own keyboard. */
export function GlovePad() {
    const [field, setField] = useState<HTMLInputElement | null>(null);
    useEffect(() => {
        const onFocus = (event: FocusEvent) => {
            const input = event.target;
            setField(input instanceof HTMLInputElement && input.dataset.pad !== undefined && input.inputMode === 'none' ? input : null);
        };
        const onBlur = (event: FocusEvent) => {
            if (event.relatedTarget === null) setField(null);
        };
        document.addEventListener('focusin', onFocus);
        document.addEventListener('focusout', onBlur);
        return () => {
            document.removeEventListener('focusin', onFocus);
            document.removeEventListener('focusout', onBlur);
        };
    }, []);
    useEffect(() => {
        field?.scrollIntoView({ block: 'center' });
    }, [field]);
    if (!field) return null;
    return (
        <div
            data-glove-pad
            role="toolbar"
            aria-label="Number pad"
            className="no-print fixed inset-x-0 bottom-0 z-50 grid grid-cols-4 gap-1.5 border-t border-ink bg-paper p-2"
            // The field keeps the caret while its pad is tapped.
            onPointerDown={(event) => event.preventDefault()}
            onMouseDown={(event) => event.preventDefault()}
        >
            <PadKeys onType={(typed) => typeInto(field, typed)} />
            <button type="button" className={KEY} onClick={() => withLetters(field)}>
                letters
            </button>
            <button type="button" className={KEY} onClick={() => typeInto(field, ' ')}>
                space
            </button>
            <button type="button" className={KEY} onClick={() => takeBack(field)} aria-label="Delete">
                ⌫
            </button>
            <button type="button" className={`${KEY} bg-ink text-paper`} onClick={() => field.blur()}>
                Done
            </button>
        </div>
    );
}
