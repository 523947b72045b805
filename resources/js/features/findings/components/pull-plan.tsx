import { useUnits } from '@/shared/hooks/units';
import { formatDeviation, formatLength } from '@/shared/lib/format';
import { say } from '@/shared/lib/say';
import { Ask } from '@/shared/ui/ask';
import type { HeldProps, PullProps } from '@/types/props';

/** How far each outermost pair must come, which way and in what order, with the readings to watch while pulling. */
export function PullPlan({ pulls, held }: { pulls: PullProps[]; held: HeldProps[] }) {
    return (
        <>
            {pulls.length > 0 && <Pulls pulls={pulls} />}
            {held.length > 0 && <Held held={held} />}
        </>
    );
}

/** Pulls that are not ordered: what they rest on is in question. */
function Held({ held }: { held: HeldProps[] }) {
    const { unit } = useUnits();
    return (
        <section aria-labelledby="held" className="border-l-[6px] border-unsure pl-4">
            <h2 id="held" className="mb-1 text-2xl">
                Not to be pulled yet
            </h2>
            <ul className="grid gap-2">
                {held.map((one) => (
                    <li key={say(one.what, 'mm')}>
                        <b className="font-semibold">{say(one.what, unit)}</b>
                        <span className="block">Only once {say(one.until, unit)}.</span>
                    </li>
                ))}
            </ul>
        </section>
    );
}

function Pulls({ pulls }: { pulls: PullProps[] }) {
    const { unit, denominator } = useUnits();
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
