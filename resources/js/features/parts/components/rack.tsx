import { useState, type FormEvent } from 'react';
import { useUnits } from '@/shared/hooks/units';
import { formatLength } from '@/shared/lib/format';
import { send } from '@/shared/lib/http';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import { Trouble } from '@/shared/ui/trouble';
import type { StockItemProps } from '@/types/props';

interface Props {
    job: number;
    rack: StockItemProps[];
    canWork: boolean;
    onChange: () => void;
}

const EMPTY = { stock: '', length: '', width: '', count: '' };

/** What is on the rack of the shop: bars, sheets, and what was left of some. */
export function Rack({ job, rack, canWork, onChange }: Props) {
    const { unit, denominator } = useUnits();
    const [typed, setTyped] = useState(EMPTY);
    const [refusal, setRefusal] = useState<{ message: string; fields: Record<string, string> } | null>(null);
    const put = (name: keyof typeof typed) => (event: { target: { value: string } }) => setTyped({ ...typed, [name]: event.target.value });
    const ask = async (method: 'POST' | 'DELETE', to: string, body: unknown) => {
        const answer = await send<StockItemProps[]>(method, to, body);
        if (answer.state === 'ok') {
            setRefusal(null);
            onChange();
        } else if (answer.state !== 'nothing')
            setRefusal({ message: answer.message, fields: answer.state === 'refused' ? answer.fields : {} });
        return answer.state === 'ok';
    };
    const add = async (event: FormEvent) => {
        event.preventDefault();
        if (await ask('POST', path('stock.keep', { job }), { ...typed, unit, count: typed.count === '' ? null : typed.count }))
            setTyped({ ...EMPTY, stock: typed.stock });
    };
    return (
        <section aria-labelledby="rack" className="max-w-3xl">
            <h2 id="rack" className="text-3xl">
                On the rack
            </h2>
            {rack.length === 0 && <p className="text-soft">Nothing yet. Enter the bars and sheets that parts are made of.</p>}
            <ul>
                {rack.map((item) => (
                    <li key={item.id} className="flex flex-wrap items-center gap-x-4 border-t border-line">
                        <span className="min-w-0 flex-1">
                            {item.stock}
                            {item.isRemnant && <span className="text-soft">, off-cut</span>}
                        </span>
                        <span className="tabular-nums">
                            {formatLength(item.length, unit, denominator)}
                            {item.width !== null && ` × ${formatLength(item.width, unit, denominator)}`} {unit}
                        </span>
                        <span className="w-28 text-right tabular-nums">{item.count === null ? 'any number' : `${item.count} there`}</span>
                        {canWork && (
                            <Button
                                look="quiet"
                                aria-label={`Take ${item.stock}, ${formatLength(item.length, unit, denominator)} off the rack`}
                                onClick={() => void ask('DELETE', path('stock.remove', { job, item: item.id }), {})}
                            >
                                Remove
                            </Button>
                        )}
                    </li>
                ))}
            </ul>
            {canWork && (
                <form
                    onSubmit={(event) => void add(event)}
                    className="mt-3 grid items-end gap-3 sm:grid-cols-[2fr_1fr_1fr_1fr_auto]"
                    noValidate
                    aria-label="Something for the rack"
                >
                    <Field label="What it is" value={typed.stock} maxLength={80} onChange={put('stock')} error={refusal?.fields.stock} />
                    <Field label={`Length, ${unit}`} value={typed.length} onChange={put('length')} error={refusal?.fields.length} />
                    <Field label={`Width, ${unit}: a sheet`} value={typed.width} onChange={put('width')} error={refusal?.fields.width} />
                    <Field
                        label="How many"
                        placeholder="any"
                        inputMode="numeric"
                        value={typed.count}
                        onChange={put('count')}
                        error={refusal?.fields.count}
                    />
                    <Button type="submit">Put it there</Button>
                </form>
            )}
            {refusal && Object.keys(refusal.fields).length === 0 && <Trouble title="Not done">{refusal.message}</Trouble>}
        </section>
    );
}
