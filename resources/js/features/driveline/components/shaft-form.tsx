import { useState, type FormEvent } from 'react';
import { useUnits } from '@/shared/hooks/units';
import { forAGlove } from '@/shared/lib/for-a-glove';
import { send } from '@/shared/lib/http';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import { Segmented } from '@/shared/ui/segmented';
import type { DrivelineProps, JobProps } from '@/types/props';

type Group = [string, [string, string, string?][]];

const GROUPS: Group[] = [
    [
        'Front joint (gearbox output)',
        [
            ['front.joint.0', 'station'],
            ['front.joint.1', 'offset'],
            ['front.joint.2', 'height'],
            ['front.pitch', 'axis rises rearward', '°'],
            ['front.yaw', 'axis runs right', '°'],
        ],
    ],
    [
        'Rear joint (pinion), before the plan',
        [
            ['rear.joint.0', 'station'],
            ['rear.joint.1', 'offset'],
            ['rear.joint.2', 'height'],
            ['rear.pitch', 'axis rises rearward', '°'],
            ['rear.yaw', 'axis runs right', '°'],
        ],
    ],
    [
        'Shaft on the bench',
        [
            ['existing.length', 'between joint centres'],
            ['existing.engagement', 'engaged by'],
        ],
    ],
    [
        'Slip joint',
        [
            ['slip.possible', 'can engage'],
            ['slip.wanted', 'wanted at ride height'],
            ['slip.least', 'at least at droop'],
        ],
    ],
    [
        'Tube',
        [
            ['tube.outside', 'outside diameter'],
            ['tube.wall', 'wall, if known'],
            ['tube.kerf', 'kerf of the saw'],
            ['tube.gap', 'root gap of a weld'],
        ],
    ],
    [
        'Rear joint moves at full bump',
        [
            ['bump.0', 'rearward'],
            ['bump.1', 'right'],
            ['bump.2', 'up'],
        ],
    ],
    [
        'and at full droop',
        [
            ['droop.0', 'rearward'],
            ['droop.1', 'right'],
            ['droop.2', 'up'],
        ],
    ],
    ['Fastest', [['speed', 'shaft speed', 'rev/min']]],
];

interface Props {
    job: JobProps;
    fields: Record<string, string>;
    revision: string;
    onSaved: (driveline: DrivelineProps) => void;
}

/** The shaft as it is measured and wanted; every length as typed, a bare number in the job's unit. */
export function ShaftForm({ job, fields: initial, revision, onSaved }: Props) {
    const { unit } = useUnits();
    const [fields, setFields] = useState(initial);
    const [errors, setErrors] = useState<Record<string, string>>({});
    const [message, setMessage] = useState<string | null>(null);
    const [busy, setBusy] = useState(false);

    const submit = async (event: FormEvent) => {
        event.preventDefault();
        setBusy(true);
        const answer = await send<DrivelineProps>('PUT', path('driveline.save', { job: job.id }), { fields }, { revision });
        setBusy(false);
        setErrors({});
        setMessage(null);
        if (answer.state === 'ok') onSaved(answer.body);
        else if (answer.state !== 'nothing') setMessage(answer.message);
        if (answer.state === 'refused') setErrors(answer.fields);
    };
    const errorOf = (name: string) => errors[`driveline.shaft.${name.replace(/\.(\d)$/, '[$1]')}`] ?? errors[`fields.${name}`];
    return (
        <form onSubmit={(event) => void submit(event)} className="grid gap-4" aria-label="Driveshaft" aria-busy={busy}>
            <p className="text-soft">
                A bare number is in {job.units === 'mm' ? 'millimetres' : 'inches'}, the job's unit
                {unit !== job.units && ', whatever is shown'}; write mm or in after a length to say otherwise.
            </p>
            {GROUPS.map(([title, entries]) => (
                <fieldset key={title} disabled={!job.can.work}>
                    <legend className="font-head text-lg font-semibold">{title}</legend>
                    <div className="grid grid-cols-3 gap-2">
                        {entries.map(([name, label, suffix]) => (
                            <Field
                                key={name}
                                label={suffix ? `${label}, ${suffix}` : label}
                                value={fields[name] ?? ''}
                                onChange={(event) => setFields({ ...fields, [name]: event.target.value })}
                                error={errorOf(name)}
                                {...forAGlove()}
                                autoComplete="off"
                            />
                        ))}
                    </div>
                </fieldset>
            ))}
            <div className="flex flex-wrap items-center gap-3">
                <span>Yokes</span>
                <Segmented
                    label="Yokes"
                    value={fields.yokes === 'quarter-turn' ? 'quarter-turn' : 'in-phase'}
                    onChange={(yokes) => setFields({ ...fields, yokes })}
                    choices={[
                        { value: 'in-phase', label: 'in phase' },
                        { value: 'quarter-turn', label: 'a quarter turn out' },
                    ]}
                />
            </div>
            {message && (
                <p role="alert" className="border-l-[6px] border-out pl-3 whitespace-pre-line">
                    {message}
                </p>
            )}
            {job.can.work && (
                <Button type="submit" look="now" disabled={busy} className="justify-self-start">
                    Recalculate
                </Button>
            )}
        </form>
    );
}
