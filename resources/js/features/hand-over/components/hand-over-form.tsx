import { useState } from 'react';
import { ChecksAgain } from '@/features/hand-over/components/checks-again';
import { Marks } from '@/features/hand-over/components/marks';
import { OpenPoints } from '@/features/hand-over/components/open-points';
import { send } from '@/shared/lib/http';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { Trouble } from '@/shared/ui/trouble';
import type { HandOverProps, JobProps, OpenPointProps } from '@/types/props';

/** What a person decides of the hand-over; kept together. */
export interface Decided {
    answers: Record<string, { answer: string; who: string }>;
    more: string[];
    checks: { what: string; when: string }[];
    marks: string[];
}

const decidedOf = (handOver: HandOverProps): Decided => ({
    answers: Object.fromEntries(handOver.points.map((point: OpenPointProps) => [point.id, { answer: point.answer, who: point.who }])),
    more: handOver.more,
    checks: handOver.checks,
    marks: handOver.marks,
});

/** Open points with yes, no and who; when to look again; marks that stay. */
export function HandOverForm({ job, initial, onKept }: { job: JobProps; initial: HandOverProps; onKept: () => void }) {
    const [handOver, setHandOver] = useState(initial);
    const [decided, setDecided] = useState(() => decidedOf(initial));
    const [trouble, setTrouble] = useState<string | null>(null);
    const [isKept, setKept] = useState(false);
    const open = handOver.points.filter((point) => !point.isSettled).length;
    const change = (part: Partial<Decided>) => {
        setKept(false);
        setDecided({ ...decided, ...part });
    };
    const keep = async (next: Decided) => {
        const answer = await send<HandOverProps>('PUT', path('hand-over.keep', { job: job.id }), next);
        setTrouble(answer.state === 'refused' || answer.state === 'unreachable' ? answer.message : null);
        if (answer.state !== 'ok') return;
        setHandOver(answer.body);
        setDecided(decidedOf(answer.body));
        setKept(true);
        onKept();
    };
    return (
        <div className="no-print flex flex-col gap-6 bg-paper p-4 lg:w-[520px] lg:overflow-y-auto [&>*]:shrink-0" tabIndex={-1}>
            <p className="text-lg">
                {handOver.points.length === 0 ? (
                    'Nothing is planned, so nothing is open here but what you put in.'
                ) : (
                    <b className="font-semibold">
                        {open === 0
                            ? '■ Every open point has an answer and a name.'
                            : `□ ${open} of ${handOver.points.length} open points wait for an answer and a name.`}
                    </b>
                )}
                <span className="block text-sm text-soft">
                    Whoever answers, answers for it. Nothing here approves or releases the vehicle.
                </span>
            </p>
            {handOver.stale.length > 0 && (
                <Trouble title="The folder is out of date">
                    <ul>
                        {handOver.stale.map((one) => (
                            <li key={one}>◌ {one}</li>
                        ))}
                    </ul>
                </Trouble>
            )}
            <OpenPoints
                points={handOver.points}
                decided={decided}
                canWork={job.can.work}
                onChange={change}
                onMore={(what) => void keep({ ...decided, more: [...decided.more, what] })}
                onLess={(what) => void keep({ ...decided, more: decided.more.filter((one) => one !== what) })}
            />
            <ChecksAgain
                checks={decided.checks}
                areUsual={handOver.areUsual}
                canWork={job.can.work}
                onChange={(checks) => change({ checks })}
            />
            <Marks
                candidates={handOver.candidates}
                marks={decided.marks}
                lengths={handOver.lengths}
                canWork={job.can.work}
                onChange={(marks) => change({ marks })}
            />
            {trouble && <Trouble title="Not kept">{trouble}</Trouble>}
            {job.can.work && (
                <div className="sticky -bottom-4 -mx-4 -mb-4 flex items-center gap-4 border-t border-ink bg-paper px-4 py-3">
                    <Button className="min-h-14" onClick={() => void keep(decided)}>
                        Keep it
                    </Button>
                    <span role="status">{isKept && 'Kept; the folder shows it.'}</span>
                </div>
            )}
        </div>
    );
}
