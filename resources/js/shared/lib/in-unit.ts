import { formatDeviation, type Unit } from '@/shared/lib/format';

const MEASURE = /([+-−]?\d+(?:\.\d+)?)(?: ± (\d+(?:\.\d+)?))? mm\b/g;

/** A sentence of the core, which speaks in millimetres, with its measures in the unit shown. */
export function inUnit(sentence: string, unit: Unit): string {
    if (unit === 'mm') return sentence;
    const inches = (mm: string) => formatDeviation(Number(mm.replace('−', '-')), 'in', false);
    return sentence.replace(
        MEASURE,
        (_, size: string, sure?: string) => `${inches(size)}${sure === undefined ? '' : ` ± ${inches(sure)}`} in`,
    );
}
