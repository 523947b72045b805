import { formatLength, type Unit } from '@/shared/lib/format';
import type { ConsequenceProps } from '@/types/props';

/** A number of a consequence in its unit, a length in the unit shown; what is not known is not given. */
export function shownIn(value: number | null, row: Pick<ConsequenceProps, 'unit'>, unit: Unit, denominator: number): string {
    if (value === null) return 'not given';
    if (row.unit === 'mm') return `${formatLength(value, unit, denominator)} ${unit}`;
    return `${value.toFixed(row.unit === 'm' ? 2 : 1).replace('-', '−')}${row.unit === '°' ? '' : ' '}${row.unit}`;
}
