import type { Unit } from '@/shared/lib/format';
import type { FieldProps } from '@/types/props';

/** Values of some fields as a form holds them: numbers as text, lengths in the unit shown. */
export function typedValues(fields: FieldProps[], values: Record<string, unknown>, unit: Unit): Record<string, unknown> {
    return Object.fromEntries(
        fields.filter((field) => values[field.name] != null).map((field) => [field.name, one(field, values[field.name], unit)]),
    );
}

function one(field: FieldProps, value: unknown, unit: Unit): unknown {
    if (field.kind === 'length' && typeof value === 'number') return typedLength(value, unit);
    if (typeof value === 'number') return String(value);
    if (field.kind === 'numbers' && Array.isArray(value)) return value.map((each) => (each === null ? '-' : String(each))).join(' ');
    if (field.kind === 'lengths' && Array.isArray(value)) return lengths(value, unit);
    // A field of one line drops line ends, and with them where a place ends.
    if (field.kind === 'places' && Array.isArray(value))
        return value.map((place) => corner(place as unknown[], field.bulges, unit)).join('; ');
    if (field.kind === 'names' && Array.isArray(value)) return value.join(', ');
    if (field.kind === 'list' && Array.isArray(value))
        return value.map((entry) => typedValues(field.fields, entry as Record<string, unknown>, unit));
    if (field.kind === 'group' && typeof value === 'object') return typedValues(field.fields, value as Record<string, unknown>, unit);
    return value;
}

/** A place, and the bulge of the arc that follows it, which has no unit. */
function corner(place: unknown[], bulges: boolean, unit: Unit): string {
    const many = bulges ? 2 : place.length;
    return [lengths(place.slice(0, many), unit), ...place.slice(many).map(String)].join(', ');
}

function lengths(values: unknown[], unit: Unit): string {
    return values.map((each) => typedLength(Number(each), unit)).join(', ');
}

/** A length as one would type it, without its unit. */
export function typedLength(mm: number, unit: Unit): string {
    return String(Number((unit === 'mm' ? mm : mm / 25.4).toFixed(unit === 'mm' ? 2 : 4)));
}

/** What was typed as a station, where it is a plain number (mm); where it is not, the server reads it, and this is null. */
export function typedMillimetres(typed: unknown, unit: Unit): number | null {
    const value = typed === '' || typed == null ? NaN : Number(typed);
    return Number.isFinite(value) ? value * (unit === 'mm' ? 1 : 25.4) : null;
}
