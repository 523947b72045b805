import { readingName } from '@/shared/lib/words';
import { formatAngle, formatDeviation, formatLength, type Unit } from '@/shared/lib/format';
import { say } from '@/shared/lib/say';
import type { CauseProps, ExplanationProps, MistakeProps, NextProps, ReadingProps } from '@/types/props';

/** "One of these is wrong", or how many. */
export function explanationTitle(explanations: ExplanationProps[]): string {
    const sizes = explanations.map((one) => one.mistakes.length);
    if (Math.max(...sizes) === 1) return 'One of these is wrong';
    return Math.min(...sizes) === Math.max(...sizes) ? `${sizes[0]} readings are wrong: one of these sets` : 'One of these sets is wrong';
}

/** "37: Tram, EL to FR, 26.6 mm too much" */
export function mistakeWords(mistake: MistakeProps, reading: ReadingProps, unit: Unit): string {
    const size =
        reading.quantity === 'angle'
            ? formatAngle(Math.abs(mistake.off), 2)
            : `${formatDeviation(Math.abs(mistake.off), unit, false)} ${unit}`;
    return `${reading.number}: ${readingName(reading)}, ${size} too ${mistake.off > 0 ? 'much' : 'little'}`;
}

/** The likely cause; several where they fit about equally. */
export function causeWords(causes: CauseProps[], unit: Unit): string {
    return causes.map((cause, i) => (i === 0 ? '' : 'Or: ') + say(cause.text, unit)).join(' ');
}

/** What either outcome means: "829.0 mm if 58 is wrong, 861.0 mm if 37 is." */
export function outcomeWords(next: NextProps, readings: ReadingProps[], unit: Unit, denominator: number): string {
    const number = (id: string) => String(readings.find((one) => one.id === id)?.number ?? id);
    return `${next.outcomes
        .map(({ value, wrong, folded }) => {
            const named = [...new Set(wrong.map((set) => set.map(number).join(' and ')))].filter((text) => text !== '');
            const many = named.length > 4 ? `one of ${named.slice(0, 4).join(', ')} …` : named.join(' or ');
            const what =
                folded.length > 0
                    ? `${folded.join(' and ')} stands on the other side`
                    : named.length > 0
                      ? `${many} is wrong`
                      : 'none is wrong';
            // A number is not parted from its fraction or its unit at the end of a line.
            return `${`${formatLength(value, unit, denominator)} ${unit}`.replaceAll(' ', '\u00a0')} if ${what}`;
        })
        .join(', ')}.`;
}
