import { useUnits } from '@/shared/hooks/units';
import { say } from '@/shared/lib/say';
import { Link } from '@inertiajs/react';
import { path } from '@/shared/lib/path';
import type { DoubtProps } from '@/types/props';

/** Questions about the chart: what it says does not go with the readings in a way that charts are wrong in. */
export function ChartDoubts({ doubts, job }: { doubts: DoubtProps[]; job: number }) {
    const { unit } = useUnits();
    if (doubts.length === 0) return null;
    return (
        <ul className="grid gap-2 border-l-[6px] border-unsure bg-bench px-3 py-2">
            {doubts.map((doubt) => (
                <li key={`${doubt.kind} ${doubt.point} ${doubt.axis}`}>
                    <span className="font-head text-xl font-semibold">
                        {doubt.kind === 'axes'
                            ? 'Are columns of the chart swapped?'
                            : `Is the chart of ${[doubt.point, ...(doubt.other ? [doubt.other] : [])].join(' and ')} right?`}
                    </span>
                    <span className="block leading-snug">{say(doubt.text, unit)}</span>
                    <Link href={path('reference', { job })} className="inline-flex min-h-11 items-center underline underline-offset-4">
                        Look at the reference
                    </Link>
                </li>
            ))}
        </ul>
    );
}
