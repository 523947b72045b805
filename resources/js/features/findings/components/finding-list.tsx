import { useUnits } from '@/shared/hooks/units';
import { say } from '@/shared/lib/say';
import { viewOf } from '@/features/findings/lib/picture';
import { FindingPicture } from '@/features/findings/components/finding-picture';
import type { FindingProps, PointProps } from '@/types/props';

/** What the deviations mean together: what is to be seen first, then what was looked for and not found. */
export function FindingList({ findings, points, isTold }: { findings: FindingProps[]; points: PointProps[]; isTold: boolean }) {
    const seen = findings.filter((finding) => finding.significant);
    const unseen = findings.filter((finding) => !finding.significant);
    if (findings.length === 0) {
        return (
            <p className="text-soft">Twist, sag, sidesway, diamond and short rails are read from pairs. No pair is fully measured yet.</p>
        );
    }
    return (
        <>
            {seen.length === 0 && (
                <p className="font-medium">
                    {isTold
                        ? 'Nothing bent is to be seen in the pairs measured so far.'
                        : 'Whether anything is bent cannot be told before that reading is in.'}
                </p>
            )}
            <ul className="grid gap-3">
                {seen.map((finding, i) => (
                    <Seen key={key(finding)} finding={finding} points={points} isDrawn={isNewPicture(seen, i)} />
                ))}
            </ul>
            {unseen.length > 0 && (
                <details className="mt-3">
                    <summary className="min-h-11 content-center text-soft">
                        {isTold ? 'Looked for and not seen' : 'Not seen, or not to be told yet'} ({unseen.length})
                    </summary>
                    <ul className="grid gap-3 text-soft">
                        {unseen.map((finding, i) => (
                            <Seen key={key(finding)} finding={finding} points={points} isDrawn={isNewPicture(unseen, i)} />
                        ))}
                    </ul>
                </details>
            )}
        </>
    );
}

/** The same stretch from the same side is drawn once. */
function isNewPicture(findings: FindingProps[], i: number): boolean {
    const drawn = (one?: FindingProps) => one && `${one.section} ${viewOf(one)}`;
    return findings.findIndex((one) => drawn(one) === drawn(findings[i])) === i;
}

/** A finding with its picture. */
function Seen({ finding, points, isDrawn }: { finding: FindingProps; points: PointProps[]; isDrawn: boolean }) {
    const { unit } = useUnits();
    return (
        <li className="flex flex-wrap items-center gap-x-4 gap-y-1">
            {isDrawn && <FindingPicture finding={finding} points={points} />}
            <p className="min-w-52 flex-1">{say(finding.text, unit)}</p>
        </li>
    );
}

function key(finding: FindingProps): string {
    return `${finding.section} ${finding.pattern} ${finding.side ?? ''}`;
}
