import { AskedForm } from '@/features/plan/components/asked-form';
import { useAsked } from '@/features/plan/hooks/use-asked';
import { useUnits } from '@/shared/hooks/units';
import { formatLength } from '@/shared/lib/format';
import { path } from '@/shared/lib/path';
import type { BodyCutProps, FieldProps } from '@/types/props';

/** A body that is lengthened with its frame: which of its mounts meet again, and where to cut it so that all do. */
export function BodyCut({ job, fields }: { job: number; fields: FieldProps[] }) {
    const { unit, denominator } = useUnits();
    const asked = useAsked<BodyCutProps>(path('mounts.body-cut', { job }), unit);
    const show = (mm: number) => `${formatLength(mm, unit, denominator)} ${unit}`;
    const is = asked.answer;
    return (
        <AskedForm
            title="The body’s own cut"
            note="Where the body is lengthened with the frame, at a place of its own."
            fields={fields}
            asked={asked}
            action="Do its mounts meet"
        >
            {is?.trouble && <p className="mt-2 text-out">{is.trouble}</p>}
            {is && !is.trouble && (
                <div className="mt-2" role="status">
                    <p className="font-semibold">
                        {is.canMeet
                            ? `All mounts meet again where it is cut ${is.from === null ? '' : `behind ${show(is.from)} `}${is.to === null ? '' : `${is.from === null ? '' : 'and '}ahead of ${show(is.to)}`}.`
                            : '■ No one cut of the body brings all mounts together.'}
                    </p>
                    <ul className="mt-1 grid gap-1">
                        {is.mounts.map((one) => (
                            <li
                                key={`${one.mount} ${one.station}`}
                                className={`border-l-[6px] pl-3 ${one.meets ? 'border-ink' : 'border-out'}`}
                            >
                                {one.mount}, was at {show(one.station)}:{' '}
                                {one.meets
                                    ? '○ meets'
                                    : `■ the body’s stands ${show(Math.abs(one.off))} ${one.off > 0 ? 'behind' : 'ahead of'} the frame’s: move one of them`}
                            </li>
                        ))}
                    </ul>
                </div>
            )}
        </AskedForm>
    );
}
