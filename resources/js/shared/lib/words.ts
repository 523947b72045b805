import { kinds } from '@/types/kinds';
import { formatAngle, formatDeviation, formatLength, type Unit } from '@/shared/lib/format';
import type { NextProps, PointProps, ReadingProps, RepeatProps } from '@/types/props';

const DIRECTIONS = [
    ['rearward', 'forward'],
    ['to the right', 'to the left'],
    ['high', 'low'],
] as const;

export const KIND_WORDS: Record<string, string> = Object.fromEntries(kinds.map(({ name, word }) => [name, word]));

/** Why a point may stand in more than one place. */
const PLACES: Record<string, string> = {
    'more than one explanation': 'the readings can be explained in more than one way',
    'a mirror solution fits as well': 'a mirror solution fits as well',
    'datum in doubt': 'the datum is in doubt',
};

/** What a point's verdict rests on: "7.8 mm to the right, 3 mm allowed". */
export function verdictWords(point: PointProps, unit: Unit): string {
    if (point.verdict === 'unmeasured') return 'no reading touches it yet';
    const loose = (point.determined ?? []).flatMap((held, axis) => (held ? [] : [['length', 'width', 'height'][axis]]));
    if (loose.length > 0) return `loose in ${loose.join(' and ')}`;
    const axis = point.decidingAxis ?? 0;
    const hull = point.hull[axis];
    const [least, most] = hull ?? [];
    const why = point.reasons[axis] ?? point.reason;
    if (point.verdict === 'unsure' && why && PLACES[why] && least != null && most != null) {
        const ends = [least, most].map((mm) => formatDeviation(mm, unit)).join(' to ');
        return `${['station', 'offset', 'height'][axis]} ${ends} ${unit}: ${PLACES[why]}`;
    }
    const allowed = `${formatDeviation(point.tolerance[axis] ?? 0, unit, false)} ${unit} allowed`;
    if (point.verdict === 'in') return `within ${allowed}`;
    if (point.determined?.[axis] === false) return `${['station', 'offset', 'height'][axis]} loose${why ? `: ${why}` : ''}`;
    const mm = point.deviation?.[axis] ?? 0;
    const way = DIRECTIONS[axis]?.[mm > 0 ? 0 : 1] ?? '';
    const size = formatDeviation(Math.abs(mm), unit, false);
    const sure = formatDeviation(point.expanded?.[axis] ?? 0, unit, false);
    const because = why ? `; ${why}` : '';
    return point.verdict === 'out' ? `${size} ${unit} ${way}, ${allowed}` : `${size} ± ${sure} ${unit} ${way}, ${allowed}${because}`;
}

/** The same beside a row that shows the numbers already: what is allowed, and why nothing is decided. */
export function verdictNote(point: PointProps, unit: Unit): string {
    if (point.verdict === 'in') return '';
    const axis = point.decidingAxis ?? 0;
    const isShown =
        point.verdict === 'out' ||
        (point.verdict === 'unsure' && point.determined?.[axis] !== false && !PLACES[point.reasons[axis] ?? point.reason ?? '']);
    if (!isShown || (point.determined ?? []).some((held) => !held)) return verdictWords(point, unit);
    const why = point.verdict === 'unsure' ? (point.reasons[axis] ?? point.reason) : null;
    return `${['station', 'offset', 'height'][axis]}: ${formatDeviation(point.tolerance[axis] ?? 0, unit, false)} ${unit} allowed${why ? `; ${why}` : ''}`;
}

export function readingName(reading: ReadingProps | NextProps): string {
    return `${KIND_WORDS[reading.kind] ?? reading.kind}, ${reading.points.join(' to ')}`;
}

/** "reads 25.4 mm more than the other 37 say" */
export function doubtWords(reading: ReadingProps, others: number, unit: Unit): string {
    const off = reading.off ?? 0;
    const size = reading.quantity === 'angle' ? formatAngle(Math.abs(off), 2) : `${formatDeviation(Math.abs(off), unit, false)} ${unit}`;
    return `${readingName(reading)} reads ${size} ${off > 0 ? 'more' : 'less'} than the other ${others} say.`;
}

/** What a reading and its repeats come to together. */
export function repeatWords(repeat: RepeatProps, unit: Unit, denominator: number): string {
    const mean = `${formatLength(repeat.mean, unit, denominator)} ± ${formatDeviation(repeat.expanded, unit, false)} ${unit}`;
    const spread = `${formatDeviation(repeat.spread, unit, false)} ${unit}`;
    return repeat.agree
        ? `read ${repeat.readings.length} times, together ${mean}`
        : `read ${repeat.readings.length} times, ${spread} apart: more than the tool allows`;
}

/** What the next reading should come to, empty where no chart tells. */
export function expectedWords(next: NextProps, unit: Unit, denominator: number): string {
    return next.expected === null ? '' : formatLength(next.expected, unit, denominator);
}

export function valueWords(value: number, quantity: string, unit: Unit, denominator: number): string {
    return quantity === 'angle' ? formatAngle(value, 2) : `${formatLength(value, unit, denominator)} ${unit}`;
}

/** Why a reading is suggested, in a few words. */
export function nextWords(next: NextProps): string {
    switch (next.because) {
        case 'deciding':
            if (next.outcomes.length === 0) return 'tells a mirror solution apart, together with the others';
            return next.outcomes.some((one) => one.folded.length > 0) ? 'tells a mirror solution apart' : 'tells which reading is wrong';
        case 'unread':
            return 'reaches a point that is not read yet';
        case 'loose':
            return 'holds a loose point';
        case 'undecided':
            return next.settles > 0
                ? `settles ${next.settles} ${next.settles === 1 ? 'coordinate' : 'coordinates'}`
                : `takes ${Math.round(next.gain * 100)} % off what is undecided`;
        case 'unchecked':
            return 'checks a reading that nothing else checks';
    }
}
