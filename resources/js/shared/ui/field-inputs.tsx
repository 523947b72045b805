import { createContext, useContext, type ReactNode } from 'react';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import { Segmented } from '@/shared/ui/segmented';
import { Select } from '@/shared/ui/select';
import type { Unit } from '@/shared/lib/format';
import { typedLength } from '@/shared/lib/typed';
import { forAGlove } from '@/shared/lib/for-a-glove';
import { spaced } from '@/shared/lib/spaced';
import type { FieldProps, SurveyedPointProps } from '@/types/props';

type Values = Record<string, unknown>;

const NUMBERS = ['length', 'lengths', 'number', 'numbers', 'count'];

/** What a field that names something of the frame can name, by its list. */
export const Named = createContext<Record<string, { value: string; label: string }[]>>({});

/** Points that a survey found, for fields that take a place; which field has which, and what happens when one is chosen. */
export const Surveyed = createContext<{
    points: SurveyedPointProps[];
    taken: Record<string, string>;
    take: (at: string, point: string | null) => void;
    /** A list was changed: places below it are no longer known to be a point's. */
    forget: (within: string) => void;
} | null>(null);

interface Props {
    fields: FieldProps[];
    unit: 'mm' | 'in';
    values: Values;
    onChange: (values: Values) => void;
    errors: Record<string, string>;
    /** Path of the group that they are in, with a dot at its end. */
    within?: string;
    /** Name of the field that the cursor is in at first. */
    focus?: string | undefined;
}

/** A form drawn from what core declares. */
export function FieldInputs({ fields, unit, values, onChange, errors, within = '', focus }: Props) {
    return fields.map((field) => (
        <FieldInput
            key={field.name}
            field={field}
            unit={unit}
            value={values[field.name]}
            onChange={(value) => {
                const rest = Object.fromEntries(Object.entries(values).filter(([name]) => name !== field.name));
                onChange(value === undefined ? rest : { ...rest, [field.name]: value });
            }}
            errors={errors}
            at={within + field.name}
            isFocused={field.name === focus}
        />
    ));
}

interface One {
    field: FieldProps;
    unit: 'mm' | 'in';
    value: unknown;
    onChange: (value: unknown) => void;
    errors: Record<string, string>;
    at: string;
    isFocused?: boolean;
}

function FieldInput(props: One) {
    const { field, unit, value, onChange, errors, at, isFocused } = props;
    const named = useContext(Named)[field.names] ?? [];
    const surveyed = useContext(Surveyed);
    if (named.length > 0) {
        return (
            <div>
                <Select
                    label={field.label}
                    value={typeof value === 'string' ? value : ''}
                    choices={[{ value: '', label: 'choose' }, ...named]}
                    onChange={(chosen) => onChange(chosen || undefined)}
                />
                {errors[at] && <p className="mt-1 text-sm font-medium text-out">{errors[at]}</p>}
            </div>
        );
    }
    switch (field.kind) {
        case 'group':
            return <Group {...props} />;
        case 'list':
            return <Entries {...props} />;
        case 'choice':
            return (
                <div>
                    <Select
                        label={field.label}
                        value={typeof value === 'string' ? value : ''}
                        choices={[
                            { value: '', label: field.default ? `as usual: ${field.default}` : 'choose' },
                            ...field.choices.map((choice) => ({ value: choice, label: spaced(choice) })),
                        ]}
                        onChange={(chosen) => onChange(chosen || undefined)}
                    />
                    {errors[at] && <p className="mt-1 text-sm font-medium text-out">{errors[at]}</p>}
                </div>
            );
        case 'truth':
            return (
                <div>
                    <p className="mb-1 text-sm text-soft">{field.label}</p>
                    <Segmented
                        label={field.label}
                        value={(typeof value === 'boolean' ? value : field.default === '1') ? 'yes' : 'no'}
                        onChange={(chosen) => onChange(chosen === 'yes')}
                        choices={['no', 'yes'].map((one) => ({ value: one, label: one }))}
                    />
                </div>
            );
        default:
            return (
                <FromSurvey {...props}>
                    <Field
                        label={`${field.label}${suffix(field, unit)}${field.isRequired || field.default !== '' ? '' : ', if known'}`}
                        hint={[field.help, field.default && `Left empty: ${usual(field, unit)}.`].filter(Boolean).join(' ')}
                        value={typeof value === 'string' ? value : ''}
                        {...(NUMBERS.includes(field.kind) ? forAGlove() : { inputMode: 'text' as const })}
                        autoComplete="off"
                        autoFocus={isFocused}
                        onChange={(event) => {
                            surveyed?.take(at, null);
                            onChange(event.target.value || undefined);
                        }}
                        error={errors[at]}
                    />
                </FromSurvey>
            );
    }
}

/** Whether a field takes a place: three lengths, or a group of a station and an offset. */
function takesPlace(field: FieldProps): boolean {
    if (field.kind === 'lengths') return field.size === 3;
    return field.kind === 'group' && ['x', 'y'].every((name) => field.fields.some((inner) => inner.name === name));
}

/** A choice among surveyed points below a field that takes a place. */
function FromSurvey({ field, unit, value, onChange, at, children }: One & { children: ReactNode }) {
    const surveyed = useContext(Surveyed);
    const isFlat = field.kind === 'group';
    const points = surveyed?.points.filter((point) => isFlat || point.isInSpace) ?? [];
    if (surveyed === null || points.length === 0 || !takesPlace(field)) return children;
    const choose = (id: string) => {
        const point = points.find((one) => one.id === id);
        surveyed.take(at, point ? id : null);
        if (!point) return;
        const [x = '', y = '', z = ''] = point.at.map((mm) => typedLength(mm, unit));
        onChange(isFlat ? { ...(typeof value === 'object' ? value : {}), x, y } : [x, y, z].join(', '));
    };
    return (
        <div>
            {children}
            <Select
                label={`${field.label}: point of the survey`}
                value={surveyed.taken[at] ?? ''}
                choices={[{ value: '', label: 'typed' }, ...points.map((point) => ({ value: point.id, label: point.id }))]}
                onChange={choose}
            />
        </div>
    );
}

/** What is taken for an empty field, in the unit shown. */
function usual(field: FieldProps, unit: Unit): string {
    if (field.kind !== 'length') return `${field.default}${field.unit === '°' ? '' : ' '}${field.unit}`.trim();
    return `${typedLength(Number(field.default), unit)} ${unit}`;
}

function suffix(field: FieldProps, unit: string): string {
    if (field.kind === 'length' || field.kind === 'lengths') return `, ${unit}`;
    if (field.kind === 'names') return ', one after the other';
    if (field.kind === 'places') return `, ${unit}; one place after the other, with ; between`;
    return field.unit ? `, ${field.unit}` : '';
}

function Group(props: One) {
    const { field, unit, value, onChange, errors, at } = props;
    const surveyed = useContext(Surveyed);
    const given = typeof value === 'object' && value !== null ? (value as Values) : {};
    return (
        <fieldset className="col-span-full border-t border-line pt-2">
            <legend className="font-head text-lg font-semibold">
                {field.label}
                {field.isRequired ? '' : ', if known'}
            </legend>
            {field.help && <p className="mb-2 text-sm text-soft">{field.help}</p>}
            {errors[at] && <p className="mb-1 text-sm font-medium text-out">{errors[at]}</p>}
            <FromSurvey {...props}>{null}</FromSurvey>
            <div className="grid grid-cols-2 gap-3">
                <FieldInputs
                    fields={field.fields}
                    unit={unit}
                    values={given}
                    onChange={(next) => {
                        surveyed?.take(at, null);
                        onChange(Object.keys(next).length === 0 ? undefined : next);
                    }}
                    errors={errors}
                    within={`${at}.`}
                />
            </div>
        </fieldset>
    );
}

function Entries({ field, unit, value, onChange, errors, at }: One) {
    const entries = Array.isArray(value) ? (value as Values[]) : [];
    const surveyed = useContext(Surveyed);
    const set = (next: Values[]) => onChange(next.length === 0 ? undefined : next);
    return (
        <fieldset className="col-span-full border-t border-line pt-2">
            <legend className="font-head text-lg font-semibold">{field.label}</legend>
            {errors[at] && <p className="mb-1 text-sm font-medium text-out">{errors[at]}</p>}
            {entries.map((entry, i) => (
                <div key={i} className="mb-3 grid grid-cols-2 gap-3 border-b border-line pb-3">
                    <FieldInputs
                        fields={field.fields}
                        unit={unit}
                        values={entry}
                        onChange={(next) => set(entries.map((one, k) => (k === i ? next : one)))}
                        errors={errors}
                        within={`${at}[${i}].`}
                    />
                    <Button
                        look="quiet"
                        className="justify-self-start"
                        onClick={() => {
                            surveyed?.forget(at);
                            set(entries.filter((_, k) => k !== i));
                        }}
                    >
                        Take out
                    </Button>
                </div>
            ))}
            <Button onClick={() => set([...entries, {}])}>Add</Button>
        </fieldset>
    );
}
