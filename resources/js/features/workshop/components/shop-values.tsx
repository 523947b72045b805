import { useState } from 'react';
import type { Unit } from '@/shared/lib/format';
import { FieldInputs } from '@/shared/ui/field-inputs';
import { Field } from '@/shared/ui/field';
import type { ShopValueProps } from '@/types/props';

interface Props {
    values: ShopValueProps[];
    typed: Record<string, unknown>;
    unit: Unit;
    errors: Record<string, string>;
    onChange: (typed: Record<string, unknown>) => void;
}

/** All that a shop may set, grouped and searched; what differs from the usual stands out, with who set it. */
export function ShopValues({ values, typed, unit, errors, onChange }: Props) {
    const [sought, setSought] = useState('');
    const [onlyOwn, setOnlyOwn] = useState(false);
    const words = sought.toLowerCase().split(/\s+/).filter(Boolean);
    const shown = values.filter((one) => {
        const said = `${one.group} ${one.field.label} ${one.field.help} ${one.source}`.toLowerCase();
        return words.every((word) => said.includes(word)) && (!onlyOwn || one.own !== null);
    });
    return (
        <section aria-label="What results rest on">
            <h2 className="text-2xl">What results rest on</h2>
            <p className="mb-3 text-soft">
                Practice sets these, not geometry. Left empty a value is as usual; every result that rests on one says whose it is.
            </p>
            <div className="mb-4 grid gap-3 sm:grid-cols-[1fr_auto] sm:items-end">
                <Field label="Find" type="search" value={sought} onChange={(event) => setSought(event.target.value)} autoComplete="off" />
                <label className="flex min-h-11 items-center gap-2">
                    <input
                        type="checkbox"
                        className="size-5 accent-[var(--ink)]"
                        checked={onlyOwn}
                        onChange={(event) => setOnlyOwn(event.target.checked)}
                    />
                    only what differs
                </label>
            </div>
            {shown.length === 0 && (
                <p role="status">{onlyOwn && words.length === 0 ? 'Everything is as usual.' : 'Nothing of that name.'}</p>
            )}
            {[...new Set(shown.map((one) => one.group))].map((group) => (
                <fieldset key={group} className="mb-6">
                    <legend className="mb-2 w-full border-b border-ink font-head text-xl font-semibold">{group}</legend>
                    <div className="grid items-start gap-4 sm:grid-cols-2">
                        {shown
                            .filter((one) => one.group === group)
                            .map((one) => (
                                <div key={one.field.name} className={one.own === null ? 'pl-[18px]' : 'border-l-[6px] border-ink pl-3'}>
                                    <FieldInputs
                                        fields={[
                                            {
                                                ...one.field,
                                                isRequired: true,
                                                help: `${one.field.help} ${one.source}`.replace(/\s+/g, ' '),
                                            },
                                        ]}
                                        unit={unit}
                                        values={typed}
                                        onChange={(next) => onChange({ ...without(typed, one.field.name), ...next })}
                                        errors={errors}
                                        within="values."
                                    />
                                    {one.own !== null && (
                                        <p className="mt-1 text-sm">● This shop&rsquo;s own{one.changed && `: ${one.changed}`}</p>
                                    )}
                                </div>
                            ))}
                    </div>
                </fieldset>
            ))}
        </section>
    );
}

function without(typed: Record<string, unknown>, name: string): Record<string, unknown> {
    return Object.fromEntries(Object.entries(typed).filter(([key]) => key !== name));
}
