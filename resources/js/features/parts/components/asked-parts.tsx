import { Button } from '@/shared/ui/button';
import type { AskedPartProps } from '@/types/props';

/** What the plan and the running gear ask for and nobody has taken yet. */
export function AskedParts({ asked, canWork, onTake }: { asked: AskedPartProps[]; canWork: boolean; onTake: (key: string) => void }) {
    if (asked.length === 0) return null;
    const [first, others] = [asked.filter((one) => one.isFirst), asked.filter((one) => !one.isFirst)];
    return (
        <section aria-labelledby="asked" className="border-l-[6px] border-now pl-4">
            <h2 id="asked" className="text-3xl">
                Asked for
            </h2>
            <p className="max-w-prose text-soft">
                The plan and the running gear need these. Taken as parts, they keep their numbers and say so when the plan changes.
            </p>
            <Items asked={first} canWork={canWork} onTake={onTake} />
            {canWork && first.length > 1 && (
                <Button look="now" className="mt-3" onClick={() => onTake('')}>
                    Take all {first.length}
                </Button>
            )}
            {others.length > 0 && (
                <details className="mt-3">
                    <summary className="min-h-11 content-center">Other ways of joining that hold</summary>
                    <p className="max-w-prose text-soft">
                        Taken instead: once a part of one way is there, the others are no longer asked for.
                    </p>
                    <Items asked={others} canWork={canWork} onTake={onTake} />
                </details>
            )}
        </section>
    );
}

interface Props {
    asked: AskedPartProps[];
    canWork: boolean;
    onTake: (key: string) => void;
}

function Items({ asked, canWork, onTake }: Props) {
    return (
        <ul className="mt-2 max-w-3xl">
            {asked.map((one) => (
                <li key={one.key} className="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-line py-1">
                    <span className="min-w-0 flex-1">
                        <b className="font-semibold">{one.title}</b>, {one.count} of it
                        <span className="block text-sm text-soft">from {one.from}</span>
                    </span>
                    {canWork && (
                        <Button onClick={() => onTake(one.key)} aria-label={`Take ${one.title}, from ${one.from}`}>
                            Take it
                        </Button>
                    )}
                </li>
            ))}
        </ul>
    );
}
