import { AskedForm } from '@/features/plan/components/asked-form';
import { useAsked } from '@/features/plan/hooks/use-asked';
import { useUnits } from '@/shared/hooks/units';
import { formatLength } from '@/shared/lib/format';
import { path } from '@/shared/lib/path';
import type { FieldProps, MountedProps } from '@/types/props';

/** Body mounts added where the frame grew: evenly, clear of what is in the way, with their shims. */
export function MountSpacing({ job, fields }: { job: number; fields: FieldProps[] }) {
    const { unit, denominator } = useUnits();
    const asked = useAsked<MountedProps>(path('mounts.space', { job }), unit);
    const show = (mm: number | null) => (mm === null ? 'not given' : formatLength(mm, unit, denominator));
    return (
        <AskedForm
            title="Body mounts along the frame"
            note="Between those that stay, clear of all features and joints of the changed frame."
            fields={fields}
            asked={asked}
            action="Space them"
        >
            {asked.answer?.trouble && <p className="mt-2 text-out">{asked.answer.trouble}</p>}
            {asked.answer && !asked.answer.trouble && (
                <table className="mt-2 w-full border-collapse">
                    <caption className="pb-1 text-left">{asked.answer.added} added</caption>
                    <thead className="text-sm text-soft">
                        <tr className="border-b border-ink text-right">
                            <th className="py-1 text-left font-medium">mount</th>
                            <th className="px-1 font-medium">station, {unit}</th>
                            <th className="px-1 font-medium">of an even load</th>
                            <th className="px-1 font-medium">shim, {unit}</th>
                        </tr>
                    </thead>
                    <tbody>
                        {asked.answer.mounts.map((one) => (
                            <tr key={one.station} className="border-b border-line text-right">
                                <td className="py-1 text-left">{one.stays ? 'stays' : '● new'}</td>
                                <td className="px-1">{show(one.station)}</td>
                                <td className="px-1">{Math.round(100 * one.share)} %</td>
                                <td className="px-1">{show(one.shim)}</td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            )}
        </AskedForm>
    );
}
