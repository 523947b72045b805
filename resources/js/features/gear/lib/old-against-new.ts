import { spaced } from '@/shared/lib/spaced';
import { formatDeviation, type Unit } from '@/shared/lib/format';
import type { ToolResultProps } from '@/types/props';

interface Row {
    what: string;
    before: string;
    after: string;
    changes: boolean;
}

type Values = Record<string, unknown> | null;

/** Rows of a list that are told; more would be no summary. */
const MOST_ROWS = 6;

/** The numbers and words that a tool gives, before and after; what was not told is left out. */
export function oldAgainstNew(results: ToolResultProps[], before: Values, after: Values, unit: Unit, within = ''): Row[] {
    return results.flatMap((one) => {
        const [was, is] = [before?.[one.name], after?.[one.name]];
        const what = within ? `${within}, ${one.label}` : one.label;
        if (one.kind === 'group' && one.results.length > 0) return oldAgainstNew(one.results, record(was), record(is), unit, what);
        if (one.kind === 'list' && Array.isArray(is)) return listed(one, was, is, unit, what);
        const [old, now] = [said(one, was, unit), said(one, is, unit)];
        return now === null ? [] : [{ what, before: old ?? '–', after: now, changes: old !== null && old !== now }];
    });
}

/** Each entry of a list by its name, or by its place in the list. */
function listed(one: ToolResultProps, was: unknown, is: unknown[], unit: Unit, what: string): Row[] {
    const before: unknown[] = Array.isArray(was) ? was : [];
    return is.slice(0, MOST_ROWS).flatMap((entry, i) => {
        const named = record(entry)?.id;
        return oldAgainstNew(one.results, record(before[i]), record(entry), unit, `${what} ${typeof named === 'string' ? named : i + 1}`);
    });
}

function record(value: unknown): Values {
    return typeof value === 'object' && value !== null && !Array.isArray(value) ? (value as Record<string, unknown>) : null;
}

function said(one: ToolResultProps, value: unknown, unit: Unit): string | null {
    if (typeof value === 'string') return value === 'in' ? 'within' : spaced(value);
    if (typeof value === 'boolean') return value ? 'yes' : 'no';
    if (typeof value !== 'number') return null;
    if (one.kind === 'count') return String(value);
    if (one.kind === 'length') return `${formatDeviation(value, unit, value < 0)} ${unit}`;
    const size = Math.abs(value);
    return `${value.toFixed(size >= 100 ? 0 : size >= 10 ? 1 : 3).replace('-', '−')}${one.unit === '' ? '' : ` ${one.unit}`}`;
}
