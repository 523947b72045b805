import { AskedForm } from '@/features/plan/components/asked-form';
import { useAsked } from '@/features/plan/hooks/use-asked';
import { useUnits } from '@/shared/hooks/units';
import { formatLength } from '@/shared/lib/format';
import { path } from '@/shared/lib/path';
import type { BesideProps, FieldProps } from '@/types/props';

/** A load that hangs beside a rail: what it twists, as the rail is and closed by a plate. */
export function LoadBeside({ job, fields }: { job: number; fields: FieldProps[] }) {
    const { unit, denominator } = useUnits();
    const asked = useAsked<BesideProps>(path('loads.beside', { job }), unit);
    const show = (mm: number) => `${formatLength(mm, unit, denominator)} ${unit}`;
    const is = asked.answer;
    const rows = is
        ? [is.asIs, is.boxed].flatMap((one, i) => (one ? [{ ...one, name: i === 0 ? 'As the rail is' : 'Closed by the plate' }] : []))
        : [];
    return (
        <AskedForm
            title="A load beside a rail"
            note="A tank, a tool box, a step: it bends the rail and twists it. Boxing moves the place that it turns about."
            fields={fields}
            asked={asked}
            action="Hang it there"
        >
            {is?.trouble && <p className="mt-2 text-out">{is.trouble}</p>}
            {is && !is.trouble && (
                <div className="mt-2 overflow-x-auto" role="status">
                    <table className="w-full border-collapse">
                        <caption className="pb-1 text-left text-soft">
                            Held by the crossmembers at {show(is.from)} and {show(is.to)}
                        </caption>
                        <thead className="text-sm text-soft">
                            <tr className="border-b border-ink text-right">
                                <th className="py-1 text-left font-medium">rail</th>
                                <th className="px-1 font-medium">lever, {unit}</th>
                                <th className="px-1 font-medium">N·m</th>
                                <th className="px-1 font-medium">twist, °</th>
                                <th className="px-1 font-medium">MPa shear</th>
                            </tr>
                        </thead>
                        <tbody>
                            {rows.map((one) => (
                                <tr key={one.name} className="border-b border-line text-right">
                                    <td className="py-1 text-left">
                                        {one.name}, {one.torsion}
                                    </td>
                                    <td className="px-1">{formatLength(one.lever, unit, denominator)}</td>
                                    <td className="px-1">{one.torque.toFixed(0)}</td>
                                    <td className={`px-1 ${one.smallAngle ? '' : 'font-semibold text-out'}`}>
                                        {one.twist.toFixed(2)}
                                        {!one.smallAngle && ' ■ far too soft'}
                                    </td>
                                    <td className="px-1">{one.shearStress.toFixed(0)}</td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                    <p className="text-soft">
                        An upper bound, with the shop&rsquo;s dynamic factor on the stress; bending comes on top. Where a plate ends the
                        rail is open again: look at that end, there the twist starts.
                    </p>
                </div>
            )}
        </AskedForm>
    );
}
