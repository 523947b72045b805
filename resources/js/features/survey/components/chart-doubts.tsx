import { useUnits } from '@/shared/hooks/units';
import { inUnit } from '@/shared/lib/in-unit';
import { Link } from '@inertiajs/react';
import { path } from '@/shared/lib/path';
import type { DoubtProps } from '@/types/props';

/** Points whose readings agree among themselves while the chart is off by a figure that charts are off by. */
export function ChartDoubts({ doubts, job }: { doubts: DoubtProps[]; job: number }) {
    const { unit } = useUnits();
    if (doubts.length === 0) return null;
    return (
        <ul className="grid gap-2 border-l-[6px] border-unsure bg-bench px-3 py-2">
            {doubts.map((doubt) => (
                <li key={`${doubt.point} ${doubt.axis}`}>
                    <span className="font-head text-xl font-semibold">The chart of {doubt.point} is in doubt</span>
                    <span className="block leading-snug">{inUnit(doubt.text, unit)}</span>
                    <Link href={path('reference', { job })} className="inline-flex min-h-11 items-center underline underline-offset-4">
                        Look at the reference
                    </Link>
                </li>
            ))}
        </ul>
    );
}
