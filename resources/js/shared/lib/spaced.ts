/** A name of the documents as one reads it: frontLeft, rail-end: front left, rail end. */
export function spaced(name: string): string {
    return name.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`).replaceAll('-', ' ');
}
