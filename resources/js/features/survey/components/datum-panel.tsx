import { useUnits } from '@/shared/hooks/units';
import { say } from '@/shared/lib/say';
import { Ask } from '@/shared/ui/ask';
import { Button } from '@/shared/ui/button';
import type { DatumDecisionProps, DoubtfulBaseProps } from '@/types/props';

interface Props {
    doubtful: DoubtfulBaseProps[];
    decisions: DatumDecisionProps[];
    base: string[];
    canWork: boolean;
    onDecide: (point: string) => void;
}

const CHOICES = { in: 'kept in the datum', out: 'taken out of the datum', tested: 'left to the test' } as const;

/** Base points that the others contradict, with both readings of it, and what people have decided of them. */
export function DatumPanel({ doubtful, decisions, base, canWork, onDecide }: Props) {
    const { unit } = useUnits();
    const latest = decisions.filter((one, i) => decisions.findIndex((other) => other.point === one.point) === i && one.choice !== 'tested');
    if (doubtful.length === 0 && latest.length === 0) return null;
    return (
        <section aria-labelledby="datum" className="grid gap-2 border-l-[6px] border-unsure bg-bench px-3 py-2">
            <h2 id="datum" className="text-xl leading-snug">
                <Ask about="datum">
                    {doubtful.length === 0
                        ? 'The datum is decided by hand'
                        : `Base ${doubtful.length === 1 ? 'point' : 'points'} ${doubtful.map((one) => one.point).join(', ')} in doubt`}
                </Ask>
            </h2>
            {doubtful.map((one) => (
                <div key={one.point}>
                    <p className="leading-snug">{say(one.text, unit)}</p>
                    {canWork && (
                        <Button className="mt-1" onClick={() => onDecide(one.point)}>
                            Decide on {one.point}…
                        </Button>
                    )}
                </div>
            ))}
            {latest.map((one) => (
                <p key={one.point} className="leading-snug">
                    {one.point} {CHOICES[one.choice]}
                    {one.by && ` by ${one.by}`}, {one.at.slice(0, 16).replace('T', ' ')} UTC: {one.reason}
                </p>
            ))}
            {base.length > 0 && <p className="text-sm text-soft">The datum is carried by {base.join(', ')}.</p>}
        </section>
    );
}
