import { AskedForm } from '@/features/plan/components/asked-form';
import { useAsked } from '@/features/plan/hooks/use-asked';
import { useUnits } from '@/shared/hooks/units';
import { formatLength } from '@/shared/lib/format';
import { path } from '@/shared/lib/path';
import type { BracketedProps, FieldProps } from '@/types/props';

/** The brackets of a bolt-on body or subframe against this frame: one shift for all, the least moves, and which has to be made anew. */
export function BracketFit({ job, fields }: { job: number; fields: FieldProps[] }) {
    const { unit, denominator } = useUnits();
    const asked = useAsked<BracketedProps>(path('mounts.fit', { job }), unit);
    const show = (mm: number | null) => (mm === null ? '–' : formatLength(mm, unit, denominator, true));
    const answer = asked.answer;
    return (
        <AskedForm
            title="Brackets of a body or subframe"
            note="Where its brackets stand on its own frame, measured from the front; this frame’s features and joints are in the way."
            fields={fields}
            asked={asked}
            action="Fit them"
        >
            {answer?.trouble && <p className="mt-2 text-out">{answer.trouble}</p>}
            {answer && !answer.trouble && (
                <>
                    <p className="mt-2">
                        Shift the whole by <b className="font-semibold">{show(answer.shift)}</b> {unit} (rearward is plus), then:
                    </p>
                    <ul className="mt-1 grid gap-1">
                        {answer.brackets.map((one) => (
                            <li key={one.id} className={`border-l-[6px] pl-3 ${one.placed ? 'border-ink' : 'border-out'}`}>
                                <b className="font-semibold">{one.id}</b>{' '}
                                {one.placed
                                    ? Math.abs(one.move ?? 0) < 0.05
                                        ? 'fits as it is'
                                        : `moves by ${show(one.move)} ${unit}`
                                    : `■ finds no place; it would have to move by ${show(one.needed)} ${unit}: make it anew`}
                            </li>
                        ))}
                    </ul>
                </>
            )}
        </AskedForm>
    );
}
