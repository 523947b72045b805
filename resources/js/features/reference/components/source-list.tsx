import { router } from '@inertiajs/react';
import { useState } from 'react';
import { useUnits } from '@/shared/hooks/units';
import { formatDeviation } from '@/shared/lib/format';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { Select } from '@/shared/ui/select';
import type { ReferenceProps, SourceProps } from '@/types/props';

const KINDS: Record<SourceProps['kind'], string> = {
    chart: 'chart',
    lengths: 'point-to-point chart, adjusted to coordinates',
    sister: 'sister vehicle',
    survey: 'its own earlier survey',
};

interface Props {
    reference: ReferenceProps;
    job: number;
    canWork: boolean;
}

/** What the frame can be held against, which of it is in force, and two of them held against each other. */
export function SourceList({ reference, job, canWork }: Props) {
    const { unit } = useUnits();
    const use = (source: string) => router.post(path('reference.use', { job }), { source }, { preserveScroll: true });
    const mirror = reference.points.every((point) => point.chart === null);
    return (
        <section aria-labelledby="sources">
            <h2 id="sources" className="text-2xl">
                Held against {reference.inForce}
            </h2>
            <ul className="mt-2 border-t border-ink">
                {reference.sources.map((source) => (
                    <li key={source.code} className="grid grid-cols-[1fr_auto] items-center gap-x-4 border-b border-line py-2">
                        <div>
                            <p className="font-medium">
                                {source.inForce && <span aria-hidden>◆ </span>}
                                {source.name}
                                <span className="font-normal text-soft">
                                    , {KINDS[source.kind]}, {source.points} points
                                    {source.unsure !== null &&
                                        `, good to ± ${formatDeviation(source.unsure, unit, false)} ${unit} at worst`}
                                </span>
                            </p>
                            {source.remarks.map((remark) => (
                                <p key={remark} className="text-sm text-unsure">
                                    {remark}
                                </p>
                            ))}
                        </div>
                        {source.inForce ? (
                            <span className="px-3 text-soft">in force</span>
                        ) : (
                            canWork && (
                                <Button onClick={() => use(source.code)} aria-label={`Use ${source.name}`}>
                                    Use it
                                </Button>
                            )
                        )}
                    </li>
                ))}
                <li className="grid grid-cols-[1fr_auto] items-center gap-x-4 border-b border-line py-2">
                    <p>
                        <span className="font-medium">Its own mirror image</span>
                        <span className="text-soft">, no chart needed; cannot say which side moved, nor show sag</span>
                    </p>
                    {mirror ? <span className="px-3 text-soft">in force</span> : canWork && <Button onClick={() => use('')}>Use it</Button>}
                </li>
            </ul>
            <Compare reference={reference} job={job} />
        </section>
    );
}

function Compare({ reference, job }: { reference: ReferenceProps; job: number }) {
    const params = new URLSearchParams(window.location.search);
    const [first, setFirst] = useState(
        params.get('first') ?? (reference.points.some((point) => point.chart !== null) ? '-' : (reference.sources[0]?.code ?? '')),
    );
    const [second, setSecond] = useState(params.get('second') ?? reference.sources.findLast((source) => !source.inForce)?.code ?? '');
    if (reference.sources.length === 0) return null;
    const choices = [
        ...(reference.points.some((point) => point.chart !== null) ? [{ value: '-', label: 'the reference in force' }] : []),
        ...reference.sources.filter((source) => !source.inForce).map((source) => ({ value: source.code, label: source.name })),
    ];
    if (choices.length < 2) return null;
    return (
        <div className="mt-3 grid grid-cols-[1fr_1fr_auto] items-end gap-3 max-sm:grid-cols-1">
            <Select label="Compare" value={first} onChange={setFirst} choices={choices} />
            <Select label="with" value={second} onChange={setSecond} choices={choices} />
            <Button
                onClick={() => router.visit(`${path('reference', { job })}?first=${first}&second=${second}`)}
                disabled={first === second || second === ''}
            >
                Compare
            </Button>
        </div>
    );
}
