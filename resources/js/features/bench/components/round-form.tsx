import { useState, type FormEvent } from 'react';
import { useUnits } from '@/shared/hooks/units';
import { forAGlove } from '@/shared/lib/for-a-glove';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import { Segmented } from '@/shared/ui/segmented';
import { Select } from '@/shared/ui/select';
import type { PairProps } from '@/types/props';

export type Step = 'level' | 'square' | 'set';
type Way = 'above' | 'below' | 'slopes';

interface Props {
    step: Step;
    pairs: PairProps[];
    errors: Record<string, string>;
    disabled: boolean;
    onAdd: (round: Record<string, unknown>) => Promise<boolean>;
}

const CORNERS = [
    ['frontLeft', 'Front left'],
    ['frontRight', 'Front right'],
    ['rearLeft', 'Rear left'],
    ['rearRight', 'Rear right'],
] as const;
const SLOPES = [
    ['front', 'Front beam, right high +'],
    ['rear', 'Rear beam, right high +'],
    ['left', 'Left beam, rear high +'],
    ['right', 'Right beam, rear high +'],
] as const;
const SIDES = [
    ['front', 'Front side'],
    ['rear', 'Rear side'],
    ['left', 'Left side'],
    ['right', 'Right side'],
] as const;
const DIAGONALS = [
    ['diagonalA', 'Diagonal, left front to right rear'],
    ['diagonalB', 'Diagonal, right front to left rear'],
] as const;
const END = [
    ['Station', 'Station on the bench'],
    ['Left', 'Left point from the centreline'],
    ['Right', 'Right point from the centreline'],
    ['LeftHeight', 'Left height above the bench'],
    ['RightHeight', 'Right height above the bench'],
    ['Support', 'Support stands at station'],
    ['Wanted', 'Height wanted'],
] as const;
const OPTIONAL = ['Support', 'Wanted'];
const LOADS = [
    { value: 'none', label: 'no vehicle on it' },
    { value: 'hanging', label: 'hanging on the lift' },
    { value: 'part-loaded', label: 'part loaded' },
    { value: 'standing', label: 'standing on it' },
];

/** One round, as measured. */
export function RoundForm({ step, pairs, errors, disabled, onAdd }: Props) {
    const { unit } = useUnits();
    const [typed, setTyped] = useState<Record<string, string>>({});
    const [way, setWay] = useState<Way>('above');
    const [load, setLoad] = useState('none');
    const submit = async (event: FormEvent) => {
        event.preventDefault();
        await onAdd({ ...typed, kind: step, way, load, unit });
    };
    const field = (key: string, label: string, suffix: string = unit, hint?: string) => (
        <Field
            key={key}
            label={`${label}, ${suffix}`}
            hint={hint}
            value={typed[key] ?? ''}
            onChange={(event) => setTyped({ ...typed, [key]: event.target.value })}
            error={errors[key]}
            {...forAGlove()}
            disabled={disabled}
            autoComplete="off"
        />
    );
    return (
        <form onSubmit={submit} className="grid gap-3" aria-label="Round" noValidate>
            {step === 'level' && (
                <>
                    <Segmented
                        label="How the corners are measured"
                        value={way}
                        onChange={setWay}
                        choices={[
                            { value: 'above', label: 'up from a level' },
                            { value: 'below', label: 'down from laser or water' },
                            { value: 'slopes', label: 'spirit level' },
                        ]}
                    />
                    <div className="grid grid-cols-2 gap-3">
                        {way === 'slopes'
                            ? SLOPES.map(([key, label]) => field(key, label, '°'))
                            : CORNERS.map(([key, label]) => field(key, label))}
                    </div>
                    <details>
                        <summary className="min-h-11 content-center text-soft">How far the screws stand out</summary>
                        <div className="grid grid-cols-2 gap-3">
                            {CORNERS.map(([key, label]) =>
                                field(`out-${key.replace(/[A-Z]/, (letter) => `-${letter.toLowerCase()}`)}`, `${label} screw`),
                            )}
                        </div>
                        <p className="mt-1 text-sm text-soft">
                            Left empty, each is taken to stand half out. No screw is turned past its stop.
                        </p>
                    </details>
                </>
            )}
            {step === 'square' && (
                <>
                    <div className="grid grid-cols-2 gap-3">{DIAGONALS.map(([key, label]) => field(key, label))}</div>
                    <p className="text-sm text-soft">
                        The two diagonals alone make a quick round. Square it is called only with all four sides.
                    </p>
                    <div className="grid grid-cols-2 gap-3">{SIDES.map(([key, label]) => field(key, label))}</div>
                </>
            )}
            {step === 'set' && (
                <div className="grid grid-cols-2 gap-x-4 gap-y-3">
                    {(['front', 'rear'] as const).map((end) => (
                        <fieldset key={end} className="grid content-start gap-3">
                            <legend className="font-head text-xl font-semibold">{end === 'front' ? 'Front pair' : 'Rear pair'}</legend>
                            {pairs.length > 0 && (
                                <Select
                                    label="Points of the frame"
                                    value={typed[`${end}LeftPoint`] ?? ''}
                                    onChange={(left) => {
                                        const pair = pairs.find((one) => one.left === left);
                                        const station = pair?.station;
                                        setTyped({
                                            ...typed,
                                            [`${end}LeftPoint`]: left,
                                            [`${end}RightPoint`]: pair?.right ?? '',
                                            ...(station == null ? {} : { [`${end}Station`]: `${station} mm` }),
                                        });
                                    }}
                                    choices={[
                                        { value: '', label: 'none of the chart' },
                                        ...pairs.map((pair) => ({ value: pair.left, label: `${pair.left} and ${pair.right}` })),
                                    ]}
                                />
                            )}
                            {END.map(([key, label]) =>
                                field(
                                    `${end}${key}`,
                                    label,
                                    unit,
                                    OPTIONAL.includes(key)
                                        ? key === 'Wanted'
                                            ? 'empty: all at one height'
                                            : 'empty: under the pair'
                                        : undefined,
                                ),
                            )}
                        </fieldset>
                    ))}
                </div>
            )}
            <Select label="How the vehicle stands" value={load} onChange={setLoad} choices={LOADS} />
            <Button look="now" type="submit" disabled={disabled} className="justify-self-start">
                Work it out
            </Button>
        </form>
    );
}
