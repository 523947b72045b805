import { useState } from 'react';
import { useUnits } from '@/shared/hooks/units';
import { formatLength } from '@/shared/lib/format';
import { send } from '@/shared/lib/http';
import { path } from '@/shared/lib/path';
import { typedLength } from '@/shared/lib/typed';
import { Button } from '@/shared/ui/button';
import { FieldInputs } from '@/shared/ui/field-inputs';
import { Trouble } from '@/shared/ui/trouble';
import type { FieldProps, HalfProps, StandProps } from '@/types/props';

/** Both halves on posts once the rails are cut: where, what each carries, and whether a half tips with a person on its end. */
export function StandForm({ job, cut, fields }: { job: number; cut: number; fields: FieldProps[] }) {
    const { unit } = useUnits();
    const [values, setValues] = useState<Record<string, unknown>>({});
    const [stand, setStand] = useState<StandProps | null>(null);
    const [refusal, setRefusal] = useState<{ message: string; fields: Record<string, string> } | null>(null);
    const ask = async () => {
        const answer = await send<StandProps>('POST', path('cut.stand', { job }), {
            unit,
            values: { ...values, cut: typedLength(cut, unit) },
        });
        if (answer.state === 'ok') {
            setStand(answer.body);
            setRefusal(null);
        } else if (answer.state !== 'nothing') {
            setRefusal({ message: answer.message, fields: answer.state === 'refused' ? answer.fields : {} });
        }
    };
    return (
        <section aria-labelledby="stand">
            <h2 id="stand" className="mb-1 text-2xl">
                Both halves on posts
            </h2>
            <p className="mb-2 text-soft">
                Four posts a half, two spreaders at least. Posts stand under the web, on shims that are driven in until all four carry;
                nobody leans on a half that is not steady.
            </p>
            <form
                onSubmit={(event) => {
                    event.preventDefault();
                    void ask();
                }}
            >
                <div className="grid grid-cols-2 gap-3">
                    <FieldInputs
                        fields={fields.filter((field) => field.name !== 'cut')}
                        unit={unit}
                        values={values}
                        onChange={setValues}
                        errors={refusal?.fields ?? {}}
                    />
                </div>
                <Button type="submit" className="mt-3">
                    Stand them on posts
                </Button>
            </form>
            {refusal && (
                <div role="alert" className="mt-2">
                    <Trouble title="Not worked out">{refusal.message}</Trouble>
                </div>
            )}
            {stand?.halves.map((half) => (
                <Half key={half.name} half={half} />
            ))}
        </section>
    );
}

const CASES: Record<string, string> = { empty: 'alone', personFront: 'person on its front end', personRear: 'person on its rear end' };

function Half({ half }: { half: HalfProps }) {
    const { unit, denominator } = useUnits();
    const show = (mm: number) => `${formatLength(mm, unit, denominator)} ${unit}`;
    const [a = 0, b = 0] = half.supports;
    return (
        <section className="mt-4" aria-label={`${half.name} half`}>
            <h3 className="text-xl">
                The {half.name} half, {Math.round(half.mass)} kg{half.centre === null ? '' : `, its middle at ${show(half.centre)}`}
            </h3>
            {half.trouble ? (
                <p className="text-out">{half.trouble}</p>
            ) : (
                <>
                    <p>
                        Posts at <b className="font-semibold">{show(a)}</b> and <b className="font-semibold">{show(b)}</b>:{' '}
                        {half.tips ? (
                            <b className="font-semibold text-out">■ it tips</b>
                        ) : half.steady ? (
                            <b className="font-semibold">○ steady in every case</b>
                        ) : (
                            <b className="font-semibold text-out">◌ not steady enough</b>
                        )}
                        .
                    </p>
                    <table className="mt-1 w-full border-collapse">
                        <caption className="sr-only">What the posts of each station carry</caption>
                        <thead className="text-sm text-soft">
                            <tr className="border-b border-ink text-right">
                                <th className="py-1 text-left font-medium">with</th>
                                <th className="px-1 font-medium">front posts, kg</th>
                                <th className="px-1 font-medium">rear posts, kg</th>
                            </tr>
                        </thead>
                        <tbody>
                            {half.cases.map((one) => (
                                <tr key={one.case} className="border-b border-line text-right">
                                    <td className="py-1 text-left">
                                        {CASES[one.case]}
                                        {one.tips && <span className="text-out"> ■ tips</span>}
                                    </td>
                                    <td className="px-1">{Math.round(one.front)}</td>
                                    <td className="px-1">{Math.round(one.rear)}</td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                    {half.used !== null && half.load !== null && half.allowable !== null && (
                        <p className="mt-1">
                            One post carries up to {(half.load / 1000).toFixed(1)} kN of {(half.allowable / 1000).toFixed(1)} kN allowed (
                            {half.governs}): {half.used <= 1 ? '○ strong enough, upright and loaded in its axis' : '■ too weak'}.
                        </p>
                    )}
                    {half.shims && (
                        <p className="mt-1">
                            Under the feet: first posts left {show(half.shims[0] ?? 0)}, right {show(half.shims[1] ?? 0)}; second posts left{' '}
                            {show(half.shims[2] ?? 0)}, right {show(half.shims[3] ?? 0)}. Steel plates on clean floor, driven in until all
                            four carry.
                        </p>
                    )}
                </>
            )}
        </section>
    );
}
