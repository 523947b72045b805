import { Ask } from '@/shared/ui/ask';
import type { LoadedProps } from '@/types/props';

/** What each axle carries in each case, before and after, against what it may. */
export function AxleTable({ before, after }: { before: LoadedProps; after: LoadedProps | null }) {
    const now = after ?? before;
    const axles = now.cases[0]?.axles ?? [];
    return (
        <div className="overflow-x-auto">
            <table className="w-full border-collapse">
                <caption className="sr-only">Axle loads in kilograms</caption>
                <thead className="text-sm text-soft">
                    <tr className="border-b border-ink text-right">
                        <th className="py-1 text-left font-medium">kg</th>
                        {axles.map((axle) => (
                            <th key={axle.axle} className="px-1 font-medium">
                                {axle.axle} axle{axle.rating === null ? ', limit not given' : `, may ${Math.round(axle.rating)}`}
                            </th>
                        ))}
                        <th className="px-1 font-medium">together</th>
                    </tr>
                </thead>
                <tbody>
                    {now.cases.map((one) => {
                        const was = after ? before.cases.find((each) => each.kind === one.kind) : undefined;
                        return (
                            <tr key={one.kind} className="border-b border-line text-right align-top">
                                <th scope="row" className="py-1 text-left font-normal">
                                    {one.label}
                                    <span className="block text-sm text-soft">{one.assumes}</span>
                                </th>
                                {one.axles.map((axle, i) => {
                                    const isOver = axle.rating !== null && axle.carries > axle.rating;
                                    const old = was?.axles[i]?.carries;
                                    return (
                                        <td
                                            key={axle.axle}
                                            className={`px-1 py-1 ${isOver || axle.carries < 0 ? 'font-semibold text-out' : ''}`}
                                        >
                                            {axle.axle === 'jack' && 'jack '}
                                            <Ask about="reaction">{Math.round(axle.carries)}</Ask>
                                            {isOver && ' ■ over'}
                                            {axle.carries < 0 && ' ■ lifts'}
                                            {old !== undefined && (
                                                <span className="block text-sm font-normal text-soft">was {Math.round(old)}</span>
                                            )}
                                        </td>
                                    );
                                })}
                                <td className="px-1 py-1">{Math.round(one.mass)}</td>
                            </tr>
                        );
                    })}
                </tbody>
            </table>
        </div>
    );
}
