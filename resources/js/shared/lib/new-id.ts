/** An id for a reading, made here so that a repeated send is stored once. */
export function newId(): string {
    const bytes = crypto.getRandomValues(new Uint8Array(15));
    return `r${Array.from(bytes, (byte) => byte.toString(16).padStart(2, '0')).join('')}`;
}
