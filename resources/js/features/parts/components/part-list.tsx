import { Link } from '@inertiajs/react';
import { PartState } from '@/features/parts/components/part-state';
import { useUnits } from '@/shared/hooks/units';
import { formatLength } from '@/shared/lib/format';
import { path } from '@/shared/lib/path';
import type { PartProps } from '@/types/props';

/** All parts of a job, each with what it takes and how far it has come. */
export function PartList({ job, parts }: { job: number; parts: PartProps[] }) {
    const { unit, denominator } = useUnits();
    const mass = parts.reduce((sum, part) => sum + (part.mass ?? 0) * part.count, 0);
    return (
        <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Parts of this job">
            <table className="w-full min-w-[640px]">
                <thead>
                    <tr className="text-left text-sm text-soft">
                        <th className="py-1 pr-3 font-normal">part</th>
                        <th className="py-1 pr-3 text-right font-normal">how many</th>
                        <th className="py-1 pr-3 font-normal">side</th>
                        <th className="py-1 pr-3 font-normal">stock</th>
                        <th className="py-1 pr-3 text-right font-normal">to saw, {unit}</th>
                        <th className="py-1 pr-3 text-right font-normal">each, kg</th>
                        <th className="py-1 font-normal">state</th>
                    </tr>
                </thead>
                <tbody>
                    {parts.map((part) => (
                        <tr key={part.id} className="border-t border-line align-baseline">
                            <th scope="row" className="py-1 pr-3 text-left font-normal">
                                <Link
                                    href={path('part', { job, part: part.id })}
                                    className="flex min-h-11 items-center font-semibold underline decoration-line underline-offset-4"
                                >
                                    {part.title}
                                </Link>
                                <span className="block text-sm text-soft">
                                    {part.made.toLowerCase()}
                                    {part.mirrorOf && `, mirror image of ${part.mirrorOf}`}
                                    {part.stale.length > 0 && (
                                        <b className="font-semibold text-ink"> ◌ out of date: {part.stale.join(', ')}</b>
                                    )}
                                    {part.trouble && <b className="font-semibold text-ink"> ✕ {part.trouble}</b>}
                                </span>
                            </th>
                            <td className="pr-3 text-right tabular-nums">{part.count}</td>
                            <td className="pr-3">{part.side}</td>
                            <td className="pr-3">{part.stock || <span className="text-soft">not given</span>}</td>
                            <td className="pr-3 text-right tabular-nums">
                                {part.lengths.length === 0
                                    ? '–'
                                    : part.lengths
                                          .map(
                                              (one) =>
                                                  (one.count > 1 ? `${one.count} × ` : '') + formatLength(one.length, unit, denominator),
                                          )
                                          .join(', ')}
                            </td>
                            <td className="pr-3 text-right tabular-nums">{part.mass === null ? '–' : part.mass.toFixed(2)}</td>
                            <td>
                                <PartState state={part.state} lock={part.lock} />
                            </td>
                        </tr>
                    ))}
                </tbody>
                {mass > 0 && (
                    <tfoot>
                        <tr className="border-t border-ink">
                            <th scope="row" colSpan={5} className="py-1 pr-3 text-left font-normal text-soft">
                                All that a mass is known of
                            </th>
                            <td className="pr-3 text-right font-semibold tabular-nums">{mass.toFixed(1)}</td>
                            <td />
                        </tr>
                    </tfoot>
                )}
            </table>
        </div>
    );
}
