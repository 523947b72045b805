import { useState } from 'react';
import { JointWelds } from '@/features/welds/components/joint-welds';
import { send } from '@/shared/lib/http';
import { path } from '@/shared/lib/path';
import { RunPages } from '@/shared/ui/run-pages';
import { Trouble } from '@/shared/ui/trouble';
import type { JobProps, WeldsProps } from '@/types/props';

export interface Choice {
    school: string;
    isHeld: boolean;
    /** Whether the frame is turned for what would be overhead. */
    isTurned: boolean;
}

/** Every joint of the plan as it is tacked and welded. */
export function WeldsBench({ job, initial }: { job: JobProps; initial: WeldsProps }) {
    const [welds, setWelds] = useState(initial);
    const [trouble, setTrouble] = useState<string | null>(null);
    const choose = async (operation: string, chosen: Choice) => {
        const answer = await send<WeldsProps>('PUT', path('welds.choose', { job: job.id }), { operation, ...chosen });
        if (answer.state === 'ok') setWelds(answer.body);
        setTrouble(answer.state === 'refused' || answer.state === 'unreachable' ? answer.message : null);
    };
    return (
        <div className="flex min-h-0 flex-1 flex-col gap-6 bg-paper p-4 lg:overflow-y-auto [&>*]:shrink-0" tabIndex={-1}>
            <RunPages job={job.id} current="welds" />
            <p className="max-w-prose text-sm text-soft">
                From the joint that was taken on Parts. A rule of thumb that keeps the heat in balance; whether a piece is cool enough is
                asked at each run. The vehicle maker’s instructions and the welding procedure come first.
            </p>
            {trouble && <Trouble title="Not chosen">{trouble}</Trouble>}
            {welds.joints.length === 0 && (
                <p>No cut is planned whose rail is entered with its section. Plan one, and enter the rail on the page Frame.</p>
            )}
            {welds.joints.map((joint) => (
                <JointWelds key={joint.operation} joint={joint} schools={welds.schools} canWork={job.can.work} onChoose={choose} />
            ))}
        </div>
    );
}
