import { useState, type FormEvent } from 'react';
import { useDrawn } from '@/features/parts/hooks/use-drawn';
import { useUnits } from '@/shared/hooks/units';
import { send } from '@/shared/lib/http';
import { path } from '@/shared/lib/path';
import { typedValues } from '@/shared/lib/typed';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import { FieldInputs, Surveyed } from '@/shared/ui/field-inputs';
import { Segmented } from '@/shared/ui/segmented';
import { Trouble } from '@/shared/ui/trouble';
import type { PartProps, PartsProps, SurveyedPointProps, ToolProps } from '@/types/props';

interface Props {
    job: number;
    tool: ToolProps;
    /** What is known already (mm). */
    values: Record<string, unknown>;
    /** The part that is changed; null for a new one. */
    part: PartProps | null;
    /** Names on the rack. */
    stock: string[];
    /** Points to take places from. */
    surveyed: SurveyedPointProps[];
    onKept: (parts: PartsProps) => void;
    onClose: () => void;
}

const SIDES = [
    { value: 'either', label: 'Either side' },
    { value: 'left', label: 'Left' },
    { value: 'right', label: 'Right' },
];

/** What a part is worked out of, and what it is made of. */
export function PartForm({ job, tool, values: known, part, stock, surveyed, onKept, onClose }: Props) {
    const { unit } = useUnits();
    const [typedIn] = useState(unit);
    const [values, setValues] = useState<Record<string, unknown>>(() => typedValues(tool.fields, known, unit));
    const [head, setHead] = useState({
        title: part?.title ?? '',
        count: String(part?.count ?? 1),
        side: part?.side ?? 'either',
        material: part?.material ?? '',
        stock: part?.stock ?? '',
        used: part?.used ?? '',
    });
    const [points, setPoints] = useState<Record<string, string>>({ ...part?.points });
    const [isCorrection, setCorrection] = useState(part?.state === 'first article');
    const [refusal, setRefusal] = useState<{ message: string; fields: Record<string, string> } | null>(null);
    const [busy, setBusy] = useState(false);
    const drawings = useDrawn(tool, typedIn, values);
    const put = (name: keyof typeof head) => (value: string) => setHead((all) => ({ ...all, [name]: value }));
    const keep = async (event: FormEvent) => {
        event.preventDefault();
        setBusy(true);
        const body = { tool: tool.name, unit: typedIn, values, points, ...head, isCorrection };
        const answer =
            part === null
                ? await send<PartsProps>('POST', path('parts.keep', { job }), body)
                : await send<PartsProps>('PUT', path('parts.change', { job, part: part.id }), body, { revision: part.revision });
        setBusy(false);
        if (answer.state === 'ok') onKept(answer.body);
        else if (answer.state !== 'nothing')
            setRefusal({ message: answer.message, fields: answer.state === 'refused' ? answer.fields : {} });
    };
    return (
        <form
            aria-label={`${tool.title}: a part`}
            className="grid gap-4 border border-ink p-4"
            noValidate
            aria-busy={busy}
            onSubmit={(event) => void keep(event)}
        >
            <h3 className="text-2xl">{tool.title}</h3>
            <div className="grid gap-4 sm:grid-cols-[2fr_1fr]">
                <Field
                    label="What it is called"
                    value={head.title}
                    maxLength={120}
                    onChange={(event) => put('title')(event.target.value)}
                    error={refusal?.fields.title}
                />
                <Field
                    label="How many"
                    inputMode="numeric"
                    value={head.count}
                    onChange={(event) => put('count')(event.target.value)}
                    error={refusal?.fields.count}
                />
                <Field
                    label="Stock on the rack, by name"
                    hint="Parts of one stock are sawn or nested together."
                    list="stock-names"
                    value={head.stock}
                    maxLength={80}
                    onChange={(event) => put('stock')(event.target.value)}
                    error={refusal?.fields.stock}
                />
                <Field
                    label="Material"
                    value={head.material}
                    maxLength={80}
                    onChange={(event) => put('material')(event.target.value)}
                    error={refusal?.fields.material}
                />
                <Field
                    label="Where it is used"
                    value={head.used}
                    maxLength={120}
                    onChange={(event) => put('used')(event.target.value)}
                    error={refusal?.fields.used}
                />
            </div>
            <datalist id="stock-names">
                {stock.map((name) => (
                    <option key={name} value={name} />
                ))}
            </datalist>
            <div>
                <Segmented label="Side" value={head.side} choices={SIDES} onChange={put('side')} />
            </div>
            <div className="grid grid-cols-[minmax(0,1fr)] gap-6 lg:grid-cols-[minmax(0,1fr)_300px]">
                <div className="grid content-start gap-4">
                    <Surveyed
                        value={{
                            points: surveyed,
                            taken: points,
                            take: (at, point) =>
                                setPoints((all) => ({
                                    ...Object.fromEntries(Object.entries(all).filter(([one]) => one !== at)),
                                    ...(point !== null && { [at]: point }),
                                })),
                            forget: (within) =>
                                setPoints((all) => Object.fromEntries(Object.entries(all).filter(([at]) => !at.startsWith(within)))),
                        }}
                    >
                        <FieldInputs
                            fields={tool.fields}
                            unit={typedIn}
                            values={values}
                            onChange={setValues}
                            errors={refusal?.fields ?? {}}
                        />
                    </Surveyed>
                </div>
                {drawings.length > 0 && (
                    <figure className="self-start border border-line bg-white lg:sticky lg:top-4">
                        <img
                            src={drawings[0]?.source}
                            alt={`As typed: ${drawings[0]?.name}`}
                            className="max-h-72 w-full object-contain p-2"
                        />
                        <figcaption className="bg-paper px-2 text-sm text-soft">as typed</figcaption>
                    </figure>
                )}
            </div>
            {part?.state === 'first article' && (
                <label className="flex min-h-11 items-center gap-3">
                    <input
                        type="checkbox"
                        className="size-6"
                        checked={isCorrection}
                        onChange={(event) => setCorrection(event.target.checked)}
                    />
                    These numbers are what the first one was corrected by: it stays tried
                </label>
            )}
            {refusal && (
                <div role="alert">
                    <Trouble title="Not kept">{refusal.message}</Trouble>
                </div>
            )}
            <div className="flex flex-wrap gap-3">
                <Button type="submit" look="now" disabled={busy}>
                    Work it out and keep it
                </Button>
                <Button look="quiet" onClick={onClose}>
                    Leave it
                </Button>
            </div>
        </form>
    );
}
