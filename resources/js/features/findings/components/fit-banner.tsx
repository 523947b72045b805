import { useUnits } from '@/shared/hooks/units';
import { say } from '@/shared/lib/say';
import type { FindingProps, FitProps } from '@/types/props';

const WORDS: Record<FitProps['state'], [string, string]> = {
    fit: ['Fit to modify', 'border-ink'],
    straighten: ['Straighten first', 'border-out'],
    undecided: ['Undecided: read on', 'border-unsure'],
};

/** Shapes of their own, so that the verdict is told without its colour. */
function Sign({ state }: { state: FitProps['state'] }) {
    return (
        <svg width={34} height={34} viewBox="-17 -17 34 34" aria-hidden className="shrink-0" fill="none" strokeWidth={3}>
            {state === 'fit' && <path d="M-13 6H13M-13-6H13M-8-6V6M0-6V6M8-6V6" stroke="var(--ink)" />}
            {state === 'straighten' && <path d="M-13 8C-4 8-4-8 13-8M-13-1C-6-1-6-15 6-15" stroke="var(--out)" />}
            {state === 'undecided' && <path d="M-13 6H13M-13-6H13" stroke="var(--unsure)" strokeDasharray="5 4" />}
        </svg>
    );
}

/** Whether the frame may be cut, with every reason that is not told with its picture below. It says what the readings show and approves nothing. */
export function FitBanner({ fit, findings }: { fit: FitProps; findings: FindingProps[] }) {
    const { unit } = useUnits();
    const [words, tone] = WORDS[fit.state];
    const pictured = findings.map((one) => say(one.text, 'mm'));
    return (
        <section aria-labelledby="fit" className={`border-l-[6px] pl-4 ${tone}`}>
            <h2 id="fit" className="flex items-center gap-3 text-3xl">
                <Sign state={fit.state} />
                {words}
            </h2>
            <ul className="mt-1 grid gap-0.5">
                {fit.reasons
                    .filter((reason) => !pictured.includes(say(reason, 'mm')))
                    .map((reason) => (
                        <li key={say(reason, 'mm')}>{say(reason, unit)}</li>
                    ))}
            </ul>
            <p className="mt-1.5 text-sm text-soft">
                What the readings show, not an approval. Rust, cracks, old repairs and heat-treated rails are for the eye; the vehicle
                maker’s instructions, the local code and a licensed engineer or inspector decide.
            </p>
        </section>
    );
}
