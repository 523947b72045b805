import { useEffect, useRef } from 'react';

/** Keys that work wherever the focus is, but in a text field only while it is empty or with Alt held, and never through an open sheet. */
export function useHotkeys(keys: Record<string, () => void>): void {
    const latest = useRef(keys);
    useEffect(() => {
        latest.current = keys;
    });
    useEffect(() => {
        const onKey = (event: KeyboardEvent) => {
            if (event.ctrlKey || event.metaKey || event.defaultPrevented || document.querySelector('[data-sheet]')) return;
            const field = event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement ? event.target : null;
            const typing = field !== null && (field.value !== '' || field.dataset.hotkeys === undefined);
            const bare = field?.dataset.hotkeys?.includes(event.key) ?? field === null;
            const action = latest.current[event.key];
            if (action && (event.altKey || (!typing && bare))) {
                event.preventDefault();
                action();
            }
        };
        window.addEventListener('keydown', onKey);
        return () => window.removeEventListener('keydown', onKey);
    }, []);
}
