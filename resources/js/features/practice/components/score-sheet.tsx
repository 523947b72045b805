import { useUnits } from '@/shared/hooks/units';
import { say } from '@/shared/lib/say';
import type { JudgedProps, PracticeProps } from '@/types/props';

function Lines({ title, lines, none }: { title: string; lines: JudgedProps[]; none: string }) {
    const { unit } = useUnits();
    return (
        <>
            <h3 className="mt-3 text-xl">{title}</h3>
            {lines.length === 0 && <p className="text-soft">{none}</p>}
            <ul className="grid gap-1">
                {lines.map((line) => (
                    <li key={say(line.text, 'mm')} className={`border-l-[6px] pl-3 ${line.right ? 'border-ink' : 'border-out'}`}>
                        <b className="font-semibold">{line.right ? '◆ right' : '■ not right'}</b> {say(line.text, unit)}
                    </li>
                ))}
            </ul>
        </>
    );
}

/** The truth, and what of it was found with how many readings. */
export function ScoreSheet({ run }: { run: PracticeProps }) {
    return (
        <section aria-labelledby="score">
            <h2 id="score" className="text-4xl">
                {run.score} of 100
            </h2>
            <p className="text-soft">
                {run.readings.length} readings; a good surveyor needs about {run.par} on this frame. The drawing shows how it really is.
            </p>
            <Lines title="What is bent" lines={run.findings} none="Nothing is." />
            <Lines title="Which readings lied" lines={run.mistakes} none="None did." />
        </section>
    );
}
