import { useState } from 'react';
import { SpliceDrawing } from '@/features/plan/components/splice-drawing';
import { SpliceWork } from '@/features/plan/components/splice-work';
import { SpliceTable } from '@/features/plan/components/splice-table';
import { useUnits } from '@/shared/hooks/units';
import { formatLength } from '@/shared/lib/format';
import { send } from '@/shared/lib/http';
import { path } from '@/shared/lib/path';
import { say } from '@/shared/lib/say';
import { typedLength } from '@/shared/lib/typed';
import { Button } from '@/shared/ui/button';
import { FieldInputs } from '@/shared/ui/field-inputs';
import { PlanPages } from '@/shared/ui/plan-pages';
import { Trouble } from '@/shared/ui/trouble';
import type { SplicePageProps } from '@/types/props';

/** The ways of joining the rail at one place, worked out side by side; none is called wrong. */
export function SpliceSheet({ job, initial }: { job: number; initial: SplicePageProps }) {
    const { unit, denominator } = useUnits();
    const [splice, setSplice] = useState(initial);
    const [values, setValues] = useState<Record<string, unknown>>(
        initial.site
            ? {
                  at: typedLength(initial.site.station, unit),
                  insertLength: initial.site.insert === null ? '' : typedLength(initial.site.insert, unit),
              }
            : {},
    );
    const [refusal, setRefusal] = useState<{ message: string; fields: Record<string, string> } | null>(null);
    const [chosen, setChosen] = useState<string | null>(null);
    const ask = async (given: Record<string, unknown>) => {
        const answer = await send<SplicePageProps>('POST', path('splice.compare', { job }), { unit, values: given });
        if (answer.state === 'ok') {
            setSplice(answer.body);
            setRefusal(null);
        } else if (answer.state !== 'nothing') {
            setRefusal({ message: answer.message, fields: answer.state === 'refused' ? answer.fields : {} });
        }
    };
    const option = splice.options.find((one) => one.name === chosen) ?? splice.options[0];
    const show = (mm: number) => `${formatLength(mm, unit, denominator)} ${unit}`;
    return (
        <div className="flex min-h-0 flex-1 flex-col gap-5 bg-paper p-4 lg:overflow-y-auto [&>*]:shrink-0" tabIndex={-1}>
            <PlanPages job={job} current="splice" />
            <form
                className="grid grid-cols-2 items-end gap-3 sm:grid-cols-3 xl:grid-cols-5"
                aria-label="The joint"
                onSubmit={(event) => {
                    event.preventDefault();
                    void ask(values);
                }}
            >
                <FieldInputs fields={splice.fields} unit={unit} values={values} onChange={setValues} errors={refusal?.fields ?? {}} />
                <Button type="submit" look={splice.site ? 'plain' : 'now'}>
                    Compare
                </Button>
            </form>
            {splice.places.length > 0 && (
                <div className="flex flex-wrap gap-2">
                    {splice.places.map((place) => (
                        <Button
                            key={place.operation}
                            look="quiet"
                            onClick={() => {
                                const next = {
                                    ...values,
                                    at: typedLength(place.station, unit),
                                    insertLength: place.insert === null ? '' : typedLength(place.insert, unit),
                                };
                                setValues(next);
                                void ask(next);
                            }}
                        >
                            {`At the cut of ${place.operation}, ${show(place.station)}`}
                        </Button>
                    ))}
                </div>
            )}
            {refusal && (
                <div role="alert">
                    <Trouble title="Not compared">{refusal.message}</Trouble>
                </div>
            )}
            {splice.trouble && <Trouble title="Not worked out">{splice.trouble.message}</Trouble>}
            {!splice.site && !splice.trouble && (
                <p>Say where the rail is joined, or plan a cut first; then every way of joining it is worked out here.</p>
            )}
            {splice.site && option && (
                <>
                    <p>
                        Rail {show(splice.site.depth)} × {show(splice.site.width)} × {show(splice.site.thickness)} at{' '}
                        {show(splice.site.station)}, yield {splice.site.yield} MPa. Worst case {splice.site.case}:{' '}
                        {splice.site.moment.toFixed(2)} kN·m and {splice.site.shear.toFixed(2)} kN a rail, times {splice.site.factor}.
                    </p>
                    <SpliceTable options={splice.options} chosen={option.name} onChoose={setChosen} />
                    <section aria-labelledby="option">
                        <h2 id="option" className="text-2xl">
                            {option.label}
                        </h2>
                        <p className="mb-2">
                            {option.made} {say(option.verdict, unit)} {say(option.improves, unit)}
                        </p>
                        <SpliceWork option={option} />
                        <SpliceDrawing site={splice.site} option={option} />
                    </section>
                    <p className="border border-ink px-3 py-2">
                        Bending in the plane of the web alone; no torsion, no life, no release. Welds on a flange only where the vehicle
                        maker allows them; welding on a frame is licensed work in many places. Disconnect the battery and everything
                        electronic, take fuel and lines out of the heat.
                    </p>
                </>
            )}
        </div>
    );
}
