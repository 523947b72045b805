import { formatLength, type Unit } from '@/shared/lib/format';
import { spaced } from '@/shared/lib/spaced';
import type { FieldProps } from '@/types/props';

/** What a row says of a field in few words; nothing for what is not given. */
export function cellOf(field: FieldProps, value: unknown, unit: Unit, denominator: number): string {
    if (value === null || value === undefined || value === '') return '';
    if (field.kind === 'length') return typeof value === 'number' ? formatLength(value, unit, denominator) : String(value as string);
    if (field.kind === 'number') return `${value as number} ${field.unit}`.trim();
    if (field.kind === 'choice') return spaced(String(value as string));
    if (field.kind === 'list') return placesOf(field, value, unit, denominator);
    if (field.kind === 'group') return groupOf(field, value, unit, denominator);
    return String(value as string);
}

/** A path as it runs: “−250 left, 3 200 centre”. */
function placesOf(field: FieldProps, value: unknown, unit: Unit, denominator: number): string {
    return (Array.isArray(value) ? (value as Record<string, unknown>[]) : [])
        .map((one) => field.fields.map((part) => cellOf(part, one[part.name], unit, denominator)).join(' '))
        .join(', ');
}

/** A section as a stockist writes it: “channel 200 × 70 × 6”. */
function groupOf(field: FieldProps, value: unknown, unit: Unit, denominator: number): string {
    const given = value as Record<string, unknown>;
    const lengths = field.fields.filter((part) => part.kind === 'length' && typeof given[part.name] === 'number').slice(0, 3);
    const words = field.fields.filter((part) => part.kind === 'choice' && given[part.name]).slice(0, 1);
    return [
        ...words.map((part) => spaced(String(given[part.name] as string))),
        lengths.map((part) => formatLength(Number(given[part.name]), unit, denominator)).join(' × '),
    ].join(' ');
}

/** The fields that a table has room for: those that must be given, and those that some row gives. */
export function columnsOf(fields: FieldProps[], rows: Record<string, unknown>[]): FieldProps[] {
    return fields
        .filter((field) => field.isRequired || rows.some((row) => row[field.name] !== undefined && row[field.name] !== null))
        .slice(0, 6);
}
