import { AskedForm } from '@/features/plan/components/asked-form';
import { useAsked } from '@/features/plan/hooks/use-asked';
import { useUnits } from '@/shared/hooks/units';
import { path } from '@/shared/lib/path';
import type { BoltedProps, FieldProps } from '@/types/props';

/** The bolts that hold one mount: shear, pull where the load stands off, and both together. */
export function MountBolts({ job, fields }: { job: number; fields: FieldProps[] }) {
    const { unit } = useUnits();
    const asked = useAsked<BoltedProps>(path('mounts.bolts', { job }), unit);
    const is = asked.answer;
    const kilonewton = (newton: number) => `${(newton / 1000).toFixed(1)} kN`;
    return (
        <AskedForm
            title="Bolts of a mount"
            note="A bracket on the web, in rows and columns, under its load with the dynamic factor."
            fields={fields}
            asked={asked}
            action="What do they bear"
        >
            {is && (
                <div className="mt-2" role="status">
                    <p className={`font-semibold ${is.used > 1 ? 'text-out' : ''}`}>
                        {is.used > 1 ? '■ Too little' : '○ Enough by these numbers'}: the worst bolt is used to {Math.round(100 * is.used)}{' '}
                        %.
                    </p>
                    <p>
                        Of {Math.round(is.mass)} kg: shear {kilonewton(is.shear)} of {kilonewton(is.allowedShear)}, pull{' '}
                        {kilonewton(is.pull)} of {kilonewton(is.allowedPull)} on one bolt.
                    </p>
                    <p className="text-soft">
                        Thread in the shear plane. The hole, the web behind it and the bracket itself are not in it; bolts of another kind
                        beside these slip first and share nothing.
                    </p>
                </div>
            )}
        </AskedForm>
    );
}
