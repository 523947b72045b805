import { useUnits } from '@/shared/hooks/units';
import { formatAngle, formatLength } from '@/shared/lib/format';
import { say } from '@/shared/lib/say';
import { Ask } from '@/shared/ui/ask';
import type { PlanProps } from '@/types/props';

const head = 'px-1 py-1 text-right first:text-left font-medium';
const cell = 'px-1 py-1.5 text-right first:text-left whitespace-nowrap';

/** What is sawn, and the marks that prove it afterwards. */
export function CutTable({ plan }: { plan: PlanProps }) {
    const { unit, denominator } = useUnits();
    const show = (mm: number) => formatLength(mm, unit, denominator);
    return (
        <ul className="grid gap-3">
            {plan.cuts.map((cut) => (
                <li key={`${cut.operation} ${cut.what}`}>
                    <p>
                        <b className="font-semibold">{cut.operation}:</b> {cut.what} to saw{' '}
                        <Ask about="piece" className="text-lg font-semibold">
                            {show(cut.piece)} {unit}
                        </Ask>
                        {Math.abs(cut.slopeDegrees) > 0.05 && <>, rail slopes {formatAngle(cut.slopeDegrees)}</>}
                    </p>
                    <p>{say(cut.sum, unit)}</p>
                    <p className="text-soft">{cut.saw}</p>
                    <p>
                        Marks {show(cut.witness)} {unit} either side read{' '}
                        <Ask about="witness" className="font-semibold">
                            {show(cut.before)}
                        </Ask>{' '}
                        before and must read{' '}
                        <Ask about="witness" className="font-semibold">
                            {show(cut.after)} {unit}
                        </Ask>{' '}
                        after, on both rails.
                    </p>
                </li>
            ))}
        </ul>
    );
}

/** Everything that crosses a cut changes length; nothing is to be forgotten. */
export function CarriedTable({ plan }: { plan: PlanProps }) {
    const { unit, denominator } = useUnits();
    const crossing = plan.carried.filter((item) => Math.abs(item.change) > 1e-6 || item.end !== null);
    if (crossing.length === 0)
        return (
            <p className="text-soft">
                Nothing that the job lists crosses a cut. Look along the rails yourself: lines, loom, cable, exhaust, shaft.
            </p>
        );
    return (
        <table className="w-full border-collapse">
            <thead className="text-sm text-soft">
                <tr className="border-b border-ink">
                    <th className={head}>item</th>
                    <th className={head}>longer by, {unit}</th>
                </tr>
            </thead>
            <tbody>
                {crossing.map((item) => (
                    <tr key={item.feature} className="border-b border-line">
                        <td className="px-1 py-1.5 text-left">
                            {item.feature}
                            {item.end && <span className="block text-sm text-out">{item.end}</span>}
                        </td>
                        <td className={cell}>{formatLength(item.change, unit, denominator, true)}</td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}

/** Where every point is to be: the chart of the changed frame. */
export function TargetTable({ plan }: { plan: PlanProps }) {
    const { unit, denominator } = useUnits();
    return (
        <table className="w-full border-collapse text-[15px]">
            <caption className="sr-only">Target position of every point</caption>
            <thead className="text-sm text-soft">
                <tr className="border-b border-ink">
                    <th className={head}>point</th>
                    <th className={head}>station, {unit}</th>
                    <th className={head}>moved</th>
                    <th className={head}>offset, {unit}</th>
                    <th className={head}>height, {unit}</th>
                </tr>
            </thead>
            <tbody>
                {plan.target.map((one) => (
                    <tr key={one.id} className="border-b border-line">
                        <th className={`${cell} font-semibold`}>{one.id}</th>
                        {one.target && one.chart ? (
                            <>
                                <td className={cell}>{formatLength(one.target[0] ?? 0, unit, denominator)}</td>
                                <td className={`${cell} text-soft`}>
                                    {formatLength((one.target[0] ?? 0) - (one.chart[0] ?? 0), unit, denominator, true)}
                                </td>
                                <td className={cell}>{formatLength(one.target[1] ?? 0, unit, denominator)}</td>
                                <td className={cell}>{formatLength(one.target[2] ?? 0, unit, denominator)}</td>
                            </>
                        ) : (
                            <td className={`${cell} text-out`} colSpan={4}>
                                {one.chart ? '× cut out' : 'no chart position'}
                            </td>
                        )}
                    </tr>
                ))}
            </tbody>
        </table>
    );
}
