import { AskedForm } from '@/features/plan/components/asked-form';
import { WorstTable } from '@/features/plan/components/worst-table';
import { useAsked } from '@/features/plan/hooks/use-asked';
import { useUnits } from '@/shared/hooks/units';
import { formatLength } from '@/shared/lib/format';
import { path } from '@/shared/lib/path';
import type { FieldProps, MovedLoadProps } from '@/types/props';

/** A mass that moves along the frame: rolled on, slid back, driven over. */
export function MovingLoad({ job, fields }: { job: number; fields: FieldProps[] }) {
    const { unit, denominator } = useUnits();
    const asked = useAsked<MovedLoadProps>(path('loads.move', { job }), unit);
    const show = (mm: number) => `${formatLength(mm, unit, denominator)} ${unit}`;
    const is = asked.answer;
    return (
        <AskedForm
            title="Something that moves along"
            note="A container rolled on, a deck slid back, a lift truck driven in: where it does most, on the frame as it will be, without the load."
            fields={fields}
            asked={asked}
            action="Move it along"
        >
            {is?.trouble && <p className="mt-2 text-out">{is.trouble}</p>}
            {is && !is.trouble && (
                <div className="mt-2" role="status">
                    <p>
                        Most bending: <b className="font-semibold">{is.moment.toFixed(1).replace('-', '−')} kN·m</b> at {show(is.station)},
                        while it stands at {show(is.position)}. On top of the frame {is.over}.
                    </p>
                    <ul>
                        {is.axles.map((one) => (
                            <li key={one.axle} className={one.least < 0 ? 'font-semibold text-out' : ''}>
                                The {one.axle} axle carries {Math.round(one.least)} to {Math.round(one.greatest)} kg
                                {one.least < 0 && ' ■ lifts'}
                            </li>
                        ))}
                    </ul>
                    {is.worst && <WorstTable worst={[is.worst]} label="While it moves" />}
                </div>
            )}
        </AskedForm>
    );
}
