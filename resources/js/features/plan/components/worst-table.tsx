import { useUnits } from '@/shared/hooks/units';
import { formatLength } from '@/shared/lib/format';
import { Ask } from '@/shared/ui/ask';
import type { WorstProps } from '@/types/props';

/** Where a rail bears most, with its margin as a number and what it rests on. */
export function WorstTable({ worst, label }: { worst: WorstProps[]; label: string }) {
    const { unit, denominator } = useUnits();
    if (worst.length === 0) return <p className="text-soft">{label}: no rails are entered, so that no stress can be told.</p>;
    return (
        <div className="overflow-x-auto">
            <table className="w-full border-collapse">
                <caption className="pb-1 text-left font-head text-lg font-semibold">{label}</caption>
                <thead className="text-sm text-soft">
                    <tr className="border-b border-ink text-right">
                        <th className="py-1 text-left font-medium">case</th>
                        <th className="px-1 font-medium">at, {unit}</th>
                        <th className="px-1 font-medium">kN·m</th>
                        <th className="px-1 font-medium">MPa</th>
                        <th className="px-1 font-medium">yield / stress</th>
                    </tr>
                </thead>
                <tbody>
                    {worst.map((one) => (
                        <tr key={`${one.case} ${one.station}`} className="border-b border-line text-right">
                            <td className="py-1 text-left">
                                {one.case}, {one.side} rail
                            </td>
                            <td className="px-1">{formatLength(one.station, unit, denominator)}</td>
                            <td className="px-1">{one.moment.toFixed(1).replace('-', '−')}</td>
                            <td className="px-1">
                                <Ask about="stress">{one.stress.toFixed(0)}</Ask>
                            </td>
                            <td className={`px-1 ${one.margin !== null && one.margin < 1.5 ? 'font-semibold text-out' : ''}`}>
                                {one.margin === null ? 'yield not given' : one.margin.toFixed(2)}
                                {one.known === 'a guess' && <span className="block text-sm font-normal">yield is a guess</span>}
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </div>
    );
}
