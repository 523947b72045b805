import { useUnits } from '@/shared/hooks/units';
import { formatDeviation, formatLength } from '@/shared/lib/format';
import { Ask } from '@/shared/ui/ask';
import type { PullProps } from '@/types/props';

/** How far each outermost pair must come, which way and in what order, with the readings to watch while pulling. */
export function PullPlan({ pulls }: { pulls: PullProps[] }) {
    const { unit, denominator } = useUnits();
    if (pulls.length === 0) return null;
    return (
        <section aria-labelledby="pulls">
            <h2 id="pulls" className="mb-1 text-2xl">
                What to pull, in this order
            </h2>
            <p className="mb-2 text-sm text-soft">
                Chain the frame down, stand clear of the line of pull, and relieve before measuring. Survey again after each pull.
            </p>
            <ol className="grid gap-3">
                {pulls.map((pull) => (
                    <li key={pull.order} className="grid grid-cols-[2.2rem_1fr] border-t border-line pt-2">
                        <span className="font-head text-2xl leading-7 font-semibold">{pull.order}</span>
                        <div>
                            <p>
                                <b className="font-semibold">
                                    {pull.points.join(', ')}:{' '}
                                    <Ask about="pull">
                                        {formatDeviation(pull.amount, unit, false)} ± {formatDeviation(pull.expanded, unit, false)} {unit}
                                    </Ask>{' '}
                                    {pull.direction}
                                </b>{' '}
                                <span className="text-soft">
                                    ({pull.pattern}, {pull.section})
                                </span>
                            </p>
                            {pull.checks.length > 0 && (
                                <ul className="mt-0.5 flex flex-wrap gap-x-6">
                                    {pull.checks.map((check) => (
                                        <li key={check.call} className="whitespace-nowrap">
                                            <span className="text-soft">{check.kind}</span> {check.call}{' '}
                                            <span className="text-soft">{formatLength(check.now, unit, denominator)} →</span>{' '}
                                            <b className="font-semibold">{formatLength(check.target, unit, denominator)}</b> {unit}
                                        </li>
                                    ))}
                                </ul>
                            )}
                        </div>
                    </li>
                ))}
            </ol>
        </section>
    );
}
