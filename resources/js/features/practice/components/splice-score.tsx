import { useUnits } from '@/shared/hooks/units';
import { formatDeviation } from '@/shared/lib/format';
import { say } from '@/shared/lib/say';
import type { PracticeSpliceProps } from '@/types/props';

/** How it went, and what nobody saw. */
export function SpliceScore({ splice }: { splice: PracticeSpliceProps }) {
    const { unit } = useUnits();
    return (
        <section aria-labelledby="score" className="border border-ink p-4">
            <h2 id="score" className="text-4xl">
                {splice.score} of 100
            </h2>
            <p className="tabular-nums">
                The joint drew in {formatDeviation(splice.drewIn ?? 0, unit, false)} {unit}; the posts were set with a twist of{' '}
                {formatDeviation(splice.twist ?? 0, unit)} {unit}.
            </p>
            <ul className="mt-2">
                {splice.lines.map((line, i) => (
                    <li key={i} className="border-t border-line py-1">
                        {line.right ? '● ' : '✕ '}
                        {say(line.text, unit)}
                    </li>
                ))}
            </ul>
        </section>
    );
}
