import { formatDeviation, type Unit } from '@/shared/lib/format';
import type { Measure, Sentence } from '@/types/props';

/** A sentence of the core in the reader's unit, its measures rounded as in every table. */
export function say(sentence: Sentence, unit: Unit): string {
    return sentence.template.replace(/\{([\w.]+)\}/g, (_, name: string) => {
        const part = sentence.parts[name] ?? '';
        return typeof part === 'string' ? part : measure(part, unit);
    });
}

/** What was computed is rounded as tables are; a given number of millimetres is said as it was given. */
function measure({ mm, expanded, isGiven, isFine }: Measure, unit: Unit): string {
    const shown = (length: number) => {
        if (unit === 'mm' && isGiven) return String(Number(length.toFixed(2)));
        return unit === 'mm' && isFine ? length.toFixed(2) : formatDeviation(length, unit, false);
    };
    return `${shown(mm)}${expanded === null ? '' : ` ± ${shown(expanded)}`} ${unit}`;
}
