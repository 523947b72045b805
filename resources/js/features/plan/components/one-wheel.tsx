import { useUnits } from '@/shared/hooks/units';
import { formatLength } from '@/shared/lib/format';
import { Ask } from '@/shared/ui/ask';
import type { LoadsProps } from '@/types/props';

/** One wheel lifted until another hangs in the air: what twists the frame, before and after. */
export function OneWheel({ loads }: { loads: LoadsProps }) {
    const { unit, denominator } = useUnits();
    const rows = [
        { name: loads.after ? 'Before' : 'As it is', twist: loads.before?.twist },
        { name: 'After', twist: loads.after?.twist },
    ].flatMap((row) => (row.twist ? [{ name: row.name, ...row.twist }] : []));
    if (rows.length === 0)
        return <p className="text-soft">Give the track of both axles on the page Frame, and rails all the way between them.</p>;
    return (
        <div className="overflow-x-auto">
            <table className="w-full border-collapse">
                <thead className="text-sm text-soft">
                    <tr className="border-b border-ink text-right">
                        <th className="py-1 text-left font-medium">frame</th>
                        <th className="px-1 font-medium">N·m</th>
                        <th className="px-1 font-medium">twist at most, °</th>
                        <th className="px-1 font-medium">MPa shear</th>
                        <th className="px-1 font-medium">at, {unit}</th>
                    </tr>
                </thead>
                <tbody>
                    {rows.map((one) => (
                        <tr key={one.name} className="border-b border-line text-right">
                            <td className="py-1 text-left">
                                {one.name}: {one.over}, the {one.lifts} axle has a wheel in the air
                            </td>
                            <td className="px-1">{one.torque.toFixed(0)}</td>
                            <td className="px-1">
                                <Ask about="twist">{one.degrees.toFixed(1)}</Ask>
                            </td>
                            <td className="px-1">{one.stress.toFixed(0)}</td>
                            <td className="px-1">
                                {formatLength(one.station, unit, denominator)} {one.side}, {one.isOpen ? 'open' : 'closed'}
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </div>
    );
}
