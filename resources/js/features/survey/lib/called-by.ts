/** Points that a call may begin with before its number. */
const MOST = 2;

/** The reading line after a point was tapped: its name is added while only names stand there, and begins anew after two. */
export function calledBy(line: string, id: string): string {
    const names = line.trim() === '' ? [] : line.trim().split(/\s+/);
    const hasNumber = names.some((name) => /^[−-]?[\d.,/]+$/.test(name));
    if (hasNumber) return line;
    return `${[...(names.length >= MOST ? [] : names), id].join(' ')} `;
}
