import { useState } from 'react';
import { CoatingMap } from '@/features/strip/components/coating-map';
import { StripList } from '@/features/strip/components/strip-list';
import { send } from '@/shared/lib/http';
import { path } from '@/shared/lib/path';
import { RunPages } from '@/shared/ui/run-pages';
import { Trouble } from '@/shared/ui/trouble';
import type { JobProps, StripProps } from '@/types/props';

/** What comes off before the heat, and what is coated before it is closed. */
export function StripBench({ job, initial }: { job: JobProps; initial: StripProps }) {
    const [strip, setStrip] = useState(initial);
    const [trouble, setTrouble] = useState<string | null>(null);
    const change = async (
        method: 'POST' | 'DELETE',
        to: 'strip.add' | 'strip.remove' | 'coatings.add' | 'coatings.remove',
        body: unknown,
    ) => {
        const answer = await send<StripProps>(method, path(to, { job: job.id }), body);
        if (answer.state === 'ok') setStrip(answer.body);
        setTrouble(answer.state === 'refused' || answer.state === 'unreachable' ? answer.message : null);
        return answer.state === 'ok';
    };
    return (
        <div className="flex min-h-0 flex-1 flex-col gap-6 bg-paper p-4 lg:overflow-y-auto [&>*]:shrink-0" tabIndex={-1}>
            <RunPages job={job.id} current="strip" />
            {trouble && <Trouble title="Not written down">{trouble}</Trouble>}
            <StripList
                items={strip.items}
                canWork={job.can.work}
                onAdd={(what) => change('POST', 'strip.add', { what })}
                onRemove={(what) => void change('DELETE', 'strip.remove', { what })}
            />
            <CoatingMap
                coatings={strip.coatings}
                canWork={job.can.work}
                onAdd={(coating) => change('POST', 'coatings.add', coating)}
                onRemove={(place) => void change('DELETE', 'coatings.remove', { place })}
            />
        </div>
    );
}
