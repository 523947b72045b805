import { useUnits } from '@/shared/hooks/units';
import { formatDeviation } from '@/shared/lib/format';
import type { MovementByStageProps, StageMovementProps } from '@/types/props';

/** What every point did from one survey to the next. */
export function ByStage({ movement }: { movement: MovementByStageProps }) {
    const { unit } = useUnits();
    const said = (one: StageMovementProps | undefined) =>
        one ? (
            <>
                {one.isSignificant ? (
                    <b className="font-semibold">◆ {formatDeviation(one.moved, unit)}</b>
                ) : (
                    <span>{formatDeviation(one.moved, unit)}</span>
                )}
                <span className="text-soft"> ± {formatDeviation(one.expanded, unit, false)}</span>
            </>
        ) : (
            '–'
        );
    return (
        <section aria-labelledby="by-stage">
            <h2 id="by-stage" className="text-3xl">
                What moved at which stage
            </h2>
            {movement.surveys.length < 2 ? (
                <p className="max-w-prose">
                    Two surveys of this job tell what moved between them: one before, one when it is tacked, one cold, one on its wheels.
                    Start another from the menu of the stage Survey; it can settle a hold point as well.
                </p>
            ) : (
                <>
                    <p className="max-w-prose text-sm text-soft">
                        Each survey against what it was held against, in {unit}; ◆ is more than both surveys are unsure of. A stage is
                        blamed only for that. {movement.still} other coordinates show nothing of the kind.
                    </p>
                    <div className="mt-2 overflow-x-auto">
                        <table className="tabular-nums">
                            <thead>
                                <tr className="border-b border-ink text-left text-sm">
                                    <th className="pr-6">Point</th>
                                    {movement.surveys.slice(1).map((survey) => (
                                        <th key={survey} className="pr-6 text-right">
                                            to {survey}
                                        </th>
                                    ))}
                                    <th className="text-right">from first to last</th>
                                </tr>
                            </thead>
                            <tbody>
                                {movement.rows.map((row) => (
                                    <tr key={`${row.point} ${row.axis}`} className="border-b border-line">
                                        <td className="py-1 pr-6">
                                            {row.point}, {row.axis}
                                        </td>
                                        {movement.surveys.slice(1).map((survey) => (
                                            <td key={survey} className="pr-6 text-right whitespace-nowrap">
                                                {said(row.stages.find((one) => one.stage === survey))}
                                            </td>
                                        ))}
                                        <td className="text-right whitespace-nowrap">{said(row.whole)}</td>
                                    </tr>
                                ))}
                            </tbody>
                        </table>
                    </div>
                </>
            )}
        </section>
    );
}
