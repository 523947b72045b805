import { useState, type FormEvent } from 'react';
import { CutBars } from '@/features/parts/components/cut-bars';
import { PartsPages } from '@/features/parts/components/parts-pages';
import { Rack } from '@/features/parts/components/rack';
import { useUnits } from '@/shared/hooks/units';
import { send } from '@/shared/lib/http';
import { path } from '@/shared/lib/path';
import { typedLength } from '@/shared/lib/typed';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import { Trouble } from '@/shared/ui/trouble';
import type { JobProps, SawProps } from '@/types/props';

/** The cut lists of a job, as the saw is set, over what is on the rack. */
export function SawBench({ job, initial }: { job: JobProps; initial: SawProps }) {
    const { unit } = useUnits();
    const [saw, setSaw] = useState(initial);
    const [set, setSet] = useState({ kerf: typedLength(initial.kerf, unit), trim: typedLength(initial.trim, unit) });
    const [trouble, setTrouble] = useState<string | null>(null);
    const [busy, setBusy] = useState(false);
    const ask = async (to: string, stock = '') => {
        setBusy(true);
        const answer = await send<SawProps>('POST', to, { ...set, unit, stock }, { signal: AbortSignal.timeout(60_000) });
        setBusy(false);
        if (answer.state === 'ok') setSaw(answer.body);
        setTrouble(answer.state === 'ok' || answer.state === 'nothing' ? null : answer.message);
    };
    const again = () => ask(path('saw.try', { job: job.id }));
    const query = `?unit=${unit}&kerf=${encodeURIComponent(set.kerf)}&trim=${encodeURIComponent(set.trim)}`;
    return (
        <div className="flex min-h-0 flex-1 flex-col gap-8 bg-paper p-4 lg:overflow-y-auto [&>*]:shrink-0" tabIndex={-1} aria-busy={busy}>
            <PartsPages job={job.id} current="saw" />
            <form
                className="flex flex-wrap items-end gap-3"
                noValidate
                aria-label="The saw"
                onSubmit={(event: FormEvent) => {
                    event.preventDefault();
                    void again();
                }}
            >
                <Field
                    label={`Kerf, ${unit}`}
                    className="w-32"
                    value={set.kerf}
                    onChange={(event) => setSet({ ...set, kerf: event.target.value })}
                />
                <Field
                    label={`Trimmed off each end, ${unit}`}
                    className="w-48"
                    value={set.trim}
                    onChange={(event) => setSet({ ...set, trim: event.target.value })}
                />
                <Button type="submit" disabled={busy}>
                    {busy ? 'Laying out …' : 'Lay out again'}
                </Button>
                <a
                    className="inline-flex min-h-11 items-center underline underline-offset-4"
                    href={path('saw.table', { job: job.id }) + query}
                >
                    Cut list as CSV
                </a>
            </form>
            {trouble && (
                <div role="alert">
                    <Trouble title="Not done">{trouble}</Trouble>
                </div>
            )}
            {saw.lists.length === 0 && (
                <p className="max-w-prose text-soft">
                    Nothing to saw: no part of this job that is still to be cut has a length. Draw a piece, a tube or a link first.
                </p>
            )}
            {saw.lists.map((list) => (
                <CutBars
                    key={list.stock}
                    job={job.id}
                    list={list}
                    canWork={job.can.work}
                    onSawn={() => void ask(path('saw.sawn', { job: job.id }), list.stock)}
                />
            ))}
            <Rack job={job.id} rack={saw.rack} canWork={job.can.work} onChange={() => void again()} />
        </div>
    );
}
