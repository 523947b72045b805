import { useState } from 'react';
import { SpreadRound } from '@/features/plan/components/spread-round';
import { useUnits } from '@/shared/hooks/units';
import { formatLength } from '@/shared/lib/format';
import { send } from '@/shared/lib/http';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { FieldInputs } from '@/shared/ui/field-inputs';
import { Trouble } from '@/shared/ui/trouble';
import type { SpreadProps } from '@/types/props';

/** With the halves apart: what to read across each gap, how the loose half lies, what to move first; round after round. */
export function SpreadGuide({ job, initial }: { job: number; initial: SpreadProps[] }) {
    const [all, setAll] = useState(initial);
    if (all.length === 0) return null;
    return (
        <section aria-labelledby="spread">
            <h2 id="spread" className="mb-1 text-2xl">
                With the halves apart
            </h2>
            {all.map((one) => (
                <Gap key={one.operation} job={job} gap={one} onKept={setAll} />
            ))}
        </section>
    );
}

function Gap({ job, gap, onKept }: { job: number; gap: SpreadProps; onKept: (all: SpreadProps[]) => void }) {
    const { unit, denominator } = useUnits();
    const [values, setValues] = useState<Record<string, unknown>>({});
    const [refusal, setRefusal] = useState<{ message: string; fields: Record<string, string> } | null>(null);
    const show = (mm: number) => `${formatLength(mm, unit, denominator)} ${unit}`;
    const keep = async (method: 'POST' | 'DELETE') => {
        const answer = await send<SpreadProps[]>(
            method,
            path(method === 'POST' ? 'cut.spread' : 'cut.spread-back', { job, cut: gap.operation }),
            {
                unit,
                values,
            },
        );
        if (answer.state === 'ok') {
            onKept(answer.body);
            setRefusal(null);
            if (method === 'POST') setValues({});
        } else if (answer.state !== 'nothing') {
            setRefusal({ message: answer.message, fields: answer.state === 'refused' ? answer.fields : {} });
        }
    };
    if (gap.fields.length === 0) {
        return (
            <p>
                {gap.operation} at {show(gap.cut)}: the chart needs a pair of points before the cut, a pair behind it, and one further back;
                then this page tells how the loose half lies.
            </p>
        );
    }
    return (
        <section aria-label={`Gap of ${gap.operation}`} className="mb-3">
            <p className="text-soft">
                {gap.operation} at {show(gap.cut)}. Read across the gap and move the loose half as said, one round after the other, until no
                move is more than {show(gap.tolerance)}. Nobody reaches into the gap while a half is being moved.
            </p>
            <table className="my-2 w-full border-collapse">
                <caption className="sr-only">What each reading is in the frame as planned</caption>
                <tbody>
                    {gap.readings.map((one) => (
                        <tr key={one.field} className="border-b border-line">
                            <td className="py-1">{gap.fields.find((field) => field.name === one.field)?.label}</td>
                            <td>{one.between}</td>
                            <td className="text-right">planned {show(one.planned)}</td>
                        </tr>
                    ))}
                </tbody>
            </table>
            <form
                aria-label={`Readings across the gap of ${gap.operation}`}
                onSubmit={(event) => {
                    event.preventDefault();
                    void keep('POST');
                }}
            >
                <div className="grid grid-cols-2 gap-3">
                    <FieldInputs fields={gap.fields} unit={unit} values={values} onChange={setValues} errors={refusal?.fields ?? {}} />
                </div>
                <div className="mt-3 flex flex-wrap gap-3">
                    <Button type="submit">Keep this round</Button>
                    {gap.rounds.length > 0 && (
                        <Button look="quiet" onClick={() => void keep('DELETE')}>
                            Take round {gap.rounds.length} back
                        </Button>
                    )}
                </div>
            </form>
            {refusal && (
                <div role="alert" className="mt-2">
                    <Trouble title="Not kept">{refusal.message}</Trouble>
                </div>
            )}
            <div aria-live="polite">
                {gap.rounds
                    .map((round, i) => <SpreadRound key={round.at + i} round={round} number={i + 1} isLast={i === gap.rounds.length - 1} />)
                    .reverse()}
            </div>
        </section>
    );
}
