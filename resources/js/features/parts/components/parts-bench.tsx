import { useState } from 'react';
import { AddPart } from '@/features/parts/components/add-part';
import { AskedParts } from '@/features/parts/components/asked-parts';
import { PartList } from '@/features/parts/components/part-list';
import { PartsPages } from '@/features/parts/components/parts-pages';
import { send } from '@/shared/lib/http';
import { path } from '@/shared/lib/path';
import { Trouble } from '@/shared/ui/trouble';
import type { JobProps, PartsProps } from '@/types/props';

/** What is made for a job, and what it asks for besides. */
export function PartsBench({ job, initial }: { job: JobProps; initial: PartsProps }) {
    const [parts, setParts] = useState(initial);
    const [trouble, setTrouble] = useState<string | null>(null);
    const take = async (key: string) => {
        const answer = await send<PartsProps>('POST', path('parts.take', { job: job.id }), { key });
        if (answer.state === 'ok') setParts(answer.body);
        setTrouble(answer.state === 'ok' || answer.state === 'nothing' ? null : answer.message);
    };
    return (
        <div className="flex min-h-0 flex-1 flex-col gap-8 bg-paper p-4 lg:overflow-y-auto [&>*]:shrink-0" tabIndex={-1}>
            <PartsPages job={job.id} current="parts" />
            <AskedParts asked={parts.asked} canWork={job.can.work} onTake={(key) => void take(key)} />
            {trouble && <Trouble title="Not taken">{trouble}</Trouble>}
            {parts.parts.length > 0 ? (
                <PartList job={job.id} parts={parts.parts} />
            ) : (
                <p className="max-w-prose text-soft">
                    No part yet.{' '}
                    {parts.asked.length > 0
                        ? 'Take what is asked for, or draw one.'
                        : 'A plan with cuts asks for its inserts and plates here; others are drawn below.'}
                </p>
            )}
            {job.can.work && (
                <AddPart
                    job={job.id}
                    tools={parts.tools}
                    stock={parts.stock}
                    starts={parts.starts}
                    surveyed={parts.surveyed}
                    onKept={setParts}
                />
            )}
        </div>
    );
}
