export type Unit = 'mm' | 'in';

const MM_PER_INCH = 25.4;

/** Minus as a true minus sign, so that it is as wide as a plus. */
function signed(text: string, negative: boolean, plus: boolean): string {
    return negative ? `−${text}` : plus ? `+${text}` : text;
}

/** A length as the shop reads it: decimal millimetres, or inches in the nearest fraction of a tape, in lowest terms. */
export function formatLength(mm: number, unit: Unit, denominator: number, plus = false): string {
    if (unit === 'mm') {
        const text = Math.abs(mm).toFixed(1);
        const zero = Number(text) === 0;
        return signed(text, mm < 0 && !zero, plus && !zero);
    }
    const parts = Math.round((Math.abs(mm) / MM_PER_INCH) * denominator);
    const whole = Math.floor(parts / denominator);
    let over = parts % denominator;
    let under = denominator;
    while (over !== 0 && over % 2 === 0) {
        over /= 2;
        under /= 2;
    }
    const fraction = over === 0 ? '' : `${over}/${under}`;
    const text = whole === 0 && fraction ? fraction : fraction ? `${whole} ${fraction}` : `${whole}`;
    return signed(text, mm < 0 && parts > 0, plus && parts > 0);
}

/** A deviation: too small for a tape's fractions, so inches are shown as thousandths. */
export function formatDeviation(mm: number, unit: Unit, plus = true): string {
    const digits = unit === 'mm' ? 1 : 3;
    const text = Math.abs(unit === 'mm' ? mm : mm / MM_PER_INCH).toFixed(digits);
    const zero = Number(text) === 0;
    return signed(text, mm < 0 && !zero, plus && !zero);
}

/** What the nearest fraction leaves out, in millimetres. */
export function remainder(mm: number, denominator: number): number {
    return mm - (Math.round((mm / MM_PER_INCH) * denominator) / denominator) * MM_PER_INCH;
}

export function formatAngle(degrees: number, digits = 1, plus = false): string {
    const text = Math.abs(degrees).toFixed(digits);
    const zero = Number(text) === 0;
    return `${signed(text, degrees < 0 && !zero, plus && !zero)}°`;
}
