import { AskedForm } from '@/features/plan/components/asked-form';
import { WorstTable } from '@/features/plan/components/worst-table';
import { useAsked } from '@/features/plan/hooks/use-asked';
import { useUnits } from '@/shared/hooks/units';
import { formatLength } from '@/shared/lib/format';
import { path } from '@/shared/lib/path';
import type { FieldProps, WinchedProps } from '@/types/props';

/** A rope that pulls at the frame while its brakes hold it. */
export function WinchPull({ job, fields }: { job: number; fields: FieldProps[] }) {
    const { unit, denominator } = useUnits();
    const asked = useAsked<WinchedProps>(path('loads.winch', { job }), unit);
    const is = asked.answer;
    return (
        <AskedForm
            title="A winch"
            note="The pull of a rope on the frame as it will be, without its load, held by its brakes. Take the winch at its stall, not at what is pulled."
            fields={fields}
            asked={asked}
            action="Pull"
        >
            {is?.trouble && <p className="mt-2 text-out">{is.trouble}</p>}
            {is && !is.trouble && (
                <div className="mt-2" role="status">
                    <ul>
                        {is.axles.map((one) => (
                            <li key={one.axle} className={one.greatest < 0 ? 'font-semibold text-out' : ''}>
                                The {one.axle} axle carries {Math.round(one.greatest)} kg in place of {Math.round(one.least)} kg
                                {one.greatest < 0 && ' ■ lifts'}
                            </li>
                        ))}
                    </ul>
                    {is.worst && <WorstTable worst={[is.worst]} label="While it pulls, without the dynamic factor" />}
                    {is.railHeight !== null && (
                        <p className="text-soft">
                            Rails level, {formatLength(is.railHeight, unit, denominator)} {unit} above the ground. The rope&rsquo;s own
                            mount is not in it.
                        </p>
                    )}
                </div>
            )}
        </AskedForm>
    );
}
