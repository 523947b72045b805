import { formatDeviation, type Unit } from '@/shared/lib/format';

const MEASURE = /([-+−]?\d+(?:\.\d+)?)(?: ± (\d+(?:\.\d+)?))? mm\b/g;
/** The core writes what it has computed to the micrometre; what is given or allowed is written as it was given. */
const COMPUTED = /\.\d{3}/;

/** A sentence of the core, which speaks in millimetres, with its measures in the unit shown and rounded as in every table. */
export function inUnit(sentence: string, unit: Unit): string {
    const shown = (mm: string) => (unit === 'mm' && !COMPUTED.test(mm) ? mm : formatDeviation(Number(mm.replace('−', '-')), unit, false));
    return sentence.replace(
        MEASURE,
        (_, size: string, sure?: string) => `${shown(size)}${sure === undefined ? '' : ` ± ${shown(sure)}`} ${unit}`,
    );
}
