/** Puts text where the caret of a field is, as if it had been typed, so that the form hears of it. */
export function typeInto(field: HTMLInputElement, text: string): void {
    const [from, to] = selection(field);
    set(field, field.value.slice(0, from) + text + field.value.slice(to), from + text.length);
}

/** Takes out what is chosen, or the character before the caret. */
export function takeBack(field: HTMLInputElement): void {
    const [from, to] = selection(field);
    const start = from === to ? Math.max(0, from - 1) : from;
    set(field, field.value.slice(0, start) + field.value.slice(to), start);
}

/** Calls the device's own keyboard for a field that goes without it. */
export function withLetters(field: HTMLInputElement): void {
    field.setAttribute('inputmode', 'text');
    field.blur();
    field.focus();
}

function selection(field: HTMLInputElement): [number, number] {
    return [field.selectionStart ?? field.value.length, field.selectionEnd ?? field.value.length];
}

function set(field: HTMLInputElement, value: string, caret: number): void {
    // React watches the field's own value; only the prototype's setter lets it see a change.
    Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set?.call(field, value);
    field.dispatchEvent(new Event('input', { bubbles: true }));
    field.setSelectionRange(caret, caret);
}
