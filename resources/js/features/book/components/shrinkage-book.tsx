import { useUnits } from '@/shared/hooks/units';
import { formatDeviation, formatLength } from '@/shared/lib/format';
import type { ShrinkageCaseProps } from '@/types/props';

/** What the cuts of this shop really drew in. */
export function ShrinkageBook({ cases }: { cases: ShrinkageCaseProps[] }) {
    const { unit, denominator } = useUnits();
    const shown = (mm: number | null) => (mm === null ? '–' : formatLength(mm, unit, denominator));
    return (
        <section aria-labelledby="shrinkage">
            <h2 id="shrinkage" className="text-3xl">
                Shrinkage book of the shop
            </h2>
            <p className="max-w-prose text-sm text-soft">
                Witness marks as they were planned, tacked, at the root and cold, in {unit}. The next cut of the same kind starts from
                these; one without its weld runs and its posts in the log is shown and not learnt from.
            </p>
            {cases.length === 0 ? (
                <p className="mt-2">No cut was read at the tack and cold yet. Until then a cut goes by the estimate of the plan.</p>
            ) : (
                <div className="mt-2 overflow-x-auto">
                    <table className="tabular-nums">
                        <thead>
                            <tr className="border-b border-ink text-left text-sm">
                                <th className="pr-6">Job</th>
                                <th className="pr-6">Kind of joint</th>
                                <th className="pr-6 text-right">planned</th>
                                <th className="pr-6 text-right">tacked</th>
                                <th className="pr-6 text-right">root</th>
                                <th className="pr-6 text-right">cold</th>
                                <th className="pr-6 text-right">drew in</th>
                                <th>Counts</th>
                            </tr>
                        </thead>
                        <tbody>
                            {cases.map((one, i) => (
                                <tr key={i} className="border-b border-line">
                                    <td className="py-1 pr-6">{one.job}</td>
                                    <td className="pr-6">{one.kind || 'not told'}</td>
                                    <td className="pr-6 text-right">{shown(one.planned)}</td>
                                    <td className="pr-6 text-right">{shown(one.tacked)}</td>
                                    <td className="pr-6 text-right">{shown(one.root)}</td>
                                    <td className="pr-6 text-right">{shown(one.cold)}</td>
                                    <td className="pr-6 text-right">{formatDeviation(one.drewIn, unit)}</td>
                                    <td>{one.isRecorded ? '● learnt from' : '○ heat or support not logged'}</td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                </div>
            )}
        </section>
    );
}
