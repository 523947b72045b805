import { Field } from '@/shared/ui/field';
import { Segmented } from '@/shared/ui/segmented';

export interface About {
    title: string;
    vehicle: string;
    units: 'mm' | 'in';
}

interface Props {
    data: About;
    errors: Partial<Record<keyof About, string>>;
    onChange: (part: Partial<About>) => void;
    unitLabel: string;
}

/** What every new job says of itself. */
export function AboutJob({ data, errors, onChange, unitLabel }: Props) {
    return (
        <>
            <Field label="Title" value={data.title} onChange={(event) => onChange({ title: event.target.value })} error={errors.title} />
            <Field
                label="Vehicle"
                value={data.vehicle}
                onChange={(event) => onChange({ vehicle: event.target.value })}
                error={errors.vehicle}
            />
            <div>
                <p className="text-sm text-soft">{unitLabel}</p>
                <Segmented
                    label={unitLabel}
                    value={data.units}
                    onChange={(units) => onChange({ units })}
                    choices={[
                        { value: 'mm', label: 'millimetres' },
                        { value: 'in', label: 'inches' },
                    ]}
                />
            </div>
        </>
    );
}
