import { shownIn } from '@/features/plan/lib/shown-in';
import { useUnits } from '@/shared/hooks/units';
import type { VariantProps } from '@/types/props';

/** The variants of the plan side by side, against the vehicle as it is. */
export function VariantTable({ variants }: { variants: VariantProps[] }) {
    const { unit, denominator } = useUnits();
    if (variants.length < 2) return null;
    const rows = variants.find((one) => one.rows.length > 0)?.rows ?? [];
    const cell = 'px-2 py-1.5 text-right whitespace-nowrap';
    return (
        <section aria-labelledby="variants">
            <h2 id="variants" className="mb-1 text-2xl">
                Variants side by side
            </h2>
            <div className="overflow-x-auto">
                <table className="w-full border-collapse">
                    <thead className="text-sm text-soft">
                        <tr className="border-b border-ink">
                            <th className="py-1 text-left font-medium">what</th>
                            <th className={`${cell} font-medium`}>as it is</th>
                            {variants.map((one) => (
                                <th key={one.letter} className={`${cell} font-medium`}>
                                    {one.letter}
                                    {one.inForce && ', in force'}
                                </th>
                            ))}
                        </tr>
                    </thead>
                    <tbody>
                        <tr className="border-b border-line align-top">
                            <th scope="row" className="py-1.5 text-left font-normal">
                                Changes
                            </th>
                            <td />
                            {variants.map((one) => (
                                <td key={one.letter} className="px-2 py-1.5 text-right">
                                    {one.trouble ? <span className="text-out">■ {one.trouble}</span> : one.operations.join(', ') || 'none'}
                                </td>
                            ))}
                        </tr>
                        {rows.map((row, i) => (
                            <tr key={row.name} className="border-b border-line">
                                <th scope="row" className="py-1.5 text-left font-normal">
                                    {row.label}
                                </th>
                                <td className={`${cell} text-soft`}>{shownIn(row.before, row, unit, denominator)}</td>
                                {variants.map((one) => (
                                    <td key={one.letter} className={cell}>
                                        {one.rows[i] ? shownIn(one.rows[i].after, row, unit, denominator) : '–'}
                                    </td>
                                ))}
                            </tr>
                        ))}
                        <tr className="border-b border-line">
                            <th scope="row" className="py-1.5 text-left font-normal">
                                Greatest stress
                            </th>
                            <td />
                            {variants.map((one) => (
                                <td key={one.letter} className={cell}>
                                    {one.worst ? `${one.worst.stress.toFixed(0)} MPa, ${one.worst.case}` : 'not given'}
                                </td>
                            ))}
                        </tr>
                        <tr className="border-b border-line">
                            <th scope="row" className="py-1.5 text-left font-normal">
                                Lines to change, and cautions
                            </th>
                            <td />
                            {variants.map((one) => (
                                <td key={one.letter} className={cell}>
                                    {one.crossing} and {one.warnings}
                                </td>
                            ))}
                        </tr>
                    </tbody>
                </table>
            </div>
        </section>
    );
}
