import { formatDeviation, type Unit } from '@/shared/lib/format';

const EIGHTHS = ['', '1/8', '1/4', '3/8', '1/2', '5/8', '3/4', '7/8'];

/** Turns as a hand makes them: to the nearest eighth. */
export function turnWords(turns: number): string {
    const eighths = Math.round(turns * 8);
    const [whole, rest] = [Math.floor(eighths / 8), EIGHTHS[eighths % 8] ?? ''];
    if (eighths === 0) return 'leave';
    const number = whole === 0 ? rest : rest === '' ? String(whole) : `${whole} ${rest}`;
    return `${number} ${eighths <= 8 ? 'turn' : 'turns'}`;
}

/** "3.0 mm to the left" */
export function pushWords(right: number, unit: Unit): string {
    const size = formatDeviation(Math.abs(right), unit, false);
    return Number(size) === 0 ? 'leave' : `${size} ${unit} to the ${right > 0 ? 'right' : 'left'}`;
}

/** "raise 2.0 mm" */
export function liftWords(up: number, unit: Unit): string {
    const size = formatDeviation(Math.abs(up), unit, false);
    return Number(size) === 0 ? 'leave' : `${up > 0 ? 'raise' : 'lower'} ${size} ${unit}`;
}

/** "4.0 mm to the left, 1.0 mm rearward" */
export function moveWords(rearward: number, right: number, unit: Unit): string {
    const along = formatDeviation(Math.abs(rearward), unit, false);
    const parts = [
        ...(pushWords(right, unit) === 'leave' ? [] : [pushWords(right, unit)]),
        ...(Number(along) === 0 ? [] : [`${along} ${unit} ${rearward > 0 ? 'rearward' : 'forward'}`]),
    ];
    return parts.length === 0 ? 'leave' : parts.join(', ');
}
