import { useEffect, useRef } from 'react';
import { tinykeys, type KeybindingsMap } from 'tinykeys';

/** Keys that work wherever the focus is, but in a text field only while it is empty or with Alt held, and never through an open sheet. */
export function useHotkeys(keys: Record<string, () => void>): void {
    const latest = useRef(keys);
    useEffect(() => {
        latest.current = keys;
    });
    const names = Object.keys(keys).join(' ');
    useEffect(() => {
        const bindings: KeybindingsMap = {};
        for (const name of names.split(' ').filter(Boolean)) {
            bindings[`[Shift]+[Alt]+${name}`] = (event) => {
                event.preventDefault();
                latest.current[name]?.();
            };
        }
        return tinykeys(window, bindings, { ignore: (event) => !isMeant(event) });
    }, [names]);
}

function isMeant(event: KeyboardEvent): boolean {
    // Arrows within a list choose in it.
    if (event.defaultPrevented || document.querySelector('[data-sheet]') || event.target instanceof HTMLSelectElement) return false;
    const field = event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement ? event.target : null;
    const typing = field !== null && (field.value !== '' || field.dataset.hotkeys === undefined);
    const bare = field?.dataset.hotkeys?.includes(event.key) ?? field === null;
    return event.altKey || (!typing && bare);
}
