import { say } from '@/shared/lib/say';
import { router } from '@inertiajs/react';
import { liftWords, moveWords, pushWords, turnWords } from '@/features/bench/lib/words';
import { useUnits } from '@/shared/hooks/units';
import { path } from '@/shared/lib/path';
import { Ask } from '@/shared/ui/ask';
import { Button } from '@/shared/ui/button';
import type { BenchRoundProps } from '@/types/props';

const LOADS = { hanging: 'Vehicle hanging on the lift', 'part-loaded': 'Vehicle part loaded', standing: 'Vehicle standing on it' } as const;

const ABOUT = { level: 'turns', square: 'square', set: 'setting' } as const;

/** What a round comes to, and what to do now: which corner, which way, how much. */
export function RoundResult({ round, job, canWork }: { round: BenchRoundProps; job: number; canWork: boolean }) {
    const { unit } = useUnits();
    return (
        <section aria-live="polite" aria-label="What to do" className={`border-l-[6px] pl-4 ${round.good ? 'border-ink' : 'border-out'}`}>
            {round.load !== 'none' && <p className="text-soft">{LOADS[round.load]}</p>}
            {round.says.map((sentence, i) => (
                <p key={sentence.code + i} className={i === 0 ? 'font-head text-2xl leading-tight font-semibold' : 'mt-1'}>
                    {i === 0 ? <Ask about={ABOUT[round.kind]}>{say(sentence, unit)}</Ask> : say(sentence, unit)}
                </p>
            ))}
            {round.showsMoves && round.turns.length > 0 && (
                <Rows
                    head={['corner', 'turn', 'which way', 'moves']}
                    rows={round.turns.map((turn) => [
                        turn.corner,
                        turnWords(turn.turns),
                        turnWords(turn.turns) === 'leave' ? '' : turn.clockwise ? '↻ clockwise' : '↺ anticlockwise',
                        liftWords(turn.change, unit),
                    ])}
                />
            )}
            {round.showsMoves && round.corners.length > 0 && (
                <Rows
                    head={['corner', 'move, with the front beam held']}
                    rows={round.corners.map((corner) => [corner.corner, moveWords(corner.rearward, corner.right, unit)])}
                />
            )}
            {round.showsMoves && round.supports.length > 0 && (
                <Rows
                    head={['at the', 'push', 'which moves the other end', 'left', 'right']}
                    rows={round.supports.map((move) => [
                        move.end,
                        pushWords(move.right, unit),
                        pushWords(move.other, unit).replace('leave', 'not'),
                        liftWords(move.liftLeft, unit),
                        liftWords(move.liftRight, unit),
                    ])}
                />
            )}
            {round.kind === 'set' && !round.good && (
                <p className="mt-2 text-soft">
                    Front first, then rear, then measure both again: what the front does to the rear is counted in.
                </p>
            )}
            {canWork && round.hasPoints && (
                <Button className="mt-3" onClick={() => router.post(path('bench.carry', { job, round: round.id }))}>
                    Carry offsets and heights into the survey
                </Button>
            )}
        </section>
    );
}

function Rows({ head, rows }: { head: string[]; rows: string[][] }) {
    return (
        <div className="mt-3 overflow-x-auto">
            <table className="w-full border-collapse text-lg max-sm:text-base">
                <thead className="text-left text-sm text-soft">
                    <tr className="border-b border-ink">
                        {head.map((name) => (
                            <th key={name} className="py-1 pr-4">
                                {name}
                            </th>
                        ))}
                    </tr>
                </thead>
                <tbody>
                    {rows.map((row) => (
                        <tr key={row[0]} className="border-b border-line">
                            {row.map((cell, i) => (
                                <td key={head[i]} className={`py-1.5 pr-4 ${i === 1 ? 'font-semibold' : ''}`}>
                                    {cell}
                                </td>
                            ))}
                        </tr>
                    ))}
                </tbody>
            </table>
        </div>
    );
}
