import { say } from '@/shared/lib/say';
import { useUnits } from '@/shared/hooks/units';
import { formatDeviation } from '@/shared/lib/format';
import type { ComparisonProps, SourceRegionProps } from '@/types/props';

const SIDES: Record<SourceRegionProps['side'], [string, string]> = {
    agree: ['=', 'both agree'],
    first: ['◀', 'the readings fit the first'],
    second: ['▶', 'the readings fit the second'],
    neither: ['✕', 'the readings fit neither'],
    open: ['?', 'they differ; not read well enough to tell'],
};

/** Where two sources disagree, and whom the readings side with, from front to rear. */
export function Comparison({ comparison }: { comparison: ComparisonProps }) {
    const { unit } = useUnits();
    return (
        <section aria-labelledby="comparison" className="border-l-[6px] border-unsure pl-4">
            <h2 id="comparison" className="text-2xl">
                Two sources, one frame
            </h2>
            <p className="mt-1 text-lg leading-snug">{say(comparison.text, unit)}</p>
            <ol className="mt-2 border-t border-ink">
                {comparison.regions.map((region) => (
                    <li key={region.from} className="grid grid-cols-[2rem_6rem_1fr_auto] gap-2 border-b border-line py-1.5">
                        <span aria-hidden>{SIDES[region.side][0]}</span>
                        <b className="font-semibold">{region.from === region.to ? region.from : `${region.from} – ${region.to}`}</b>
                        <span>{SIDES[region.side][1]}</span>
                        <span className="text-right text-soft">
                            up to {formatDeviation(region.worst, unit, false)} {unit}
                        </span>
                    </li>
                ))}
            </ol>
            {comparison.only.length > 0 && <p className="mt-1 text-soft">Only one of them has: {comparison.only.join(', ')}.</p>}
        </section>
    );
}
