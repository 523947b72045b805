import { useUnits } from '@/shared/hooks/units';
import { formatLength } from '@/shared/lib/format';
import type { SpreadMoveProps, SpreadRoundProps } from '@/types/props';

/** A move of less is none (mm). */
const SEEN_MM = 0.05;

/** One round: how the loose half lies in all six freedoms, and the moves in the order that a person can make them. */
export function SpreadRound({ round, number, isLast }: { round: SpreadRoundProps; number: number; isLast: boolean }) {
    const { unit, denominator } = useUnits();
    const show = (mm: number) => `${formatLength(Math.abs(mm), unit, denominator)} ${unit}`;
    const head = `Round ${number}, ${round.by}, ${new Date(round.at).toLocaleString()}`;
    if (round.trouble) {
        return (
            <p className="mt-3">
                {head}: no longer worked out. {round.trouble}
            </p>
        );
    }
    const way = (value: number, [plus, minus]: [string, string]) => `${show(value)} ${value < 0 ? minus : plus}`;
    const [x = 0, y = 0, z = 0] = round.shift;
    const [roll = 0, pitch = 0, yaw = 0] = round.turn;
    const [sx = 0, sy = 0, sz = 0] = round.shiftSigma;
    const [sr = 0, sp = 0, sw = 0] = round.turnSigma;
    const degrees = (value: number) => `${(Math.abs(value) < 0.005 ? 0 : value).toFixed(2).replace('-', '−')}°`;
    return (
        <section className="mt-3 border-t border-ink pt-2" aria-label={`Round ${number}`}>
            <h3 className="text-xl">
                {round.isSet ? '○ Set' : '◌ Not yet set'}: largest move {show(round.worst)}
            </h3>
            <p className="text-sm text-soft">{head}</p>
            {isLast && (
                <>
                    <dl className="mt-1 grid grid-cols-[auto_1fr_auto] gap-x-4">
                        <Row what="along" value={way(x, ['rearward', 'forward'])} sigma={show(sx)} />
                        <Row what="sideways" value={way(y, ['to the right', 'to the left'])} sigma={show(sy)} />
                        <Row what="height" value={way(z, ['too high', 'too low'])} sigma={show(sz)} />
                        <Row what="roll" value={degrees(roll)} sigma={degrees(sr)} />
                        <Row what="pitch" value={degrees(pitch)} sigma={degrees(sp)} />
                        <Row what="turned in plan" value={degrees(yaw)} sigma={degrees(sw)} />
                    </dl>
                    {!round.isSet && (
                        <ol className="mt-2 list-decimal pl-6">
                            {(['turn', 'heights', 'sideways', 'gap'] as const)
                                .filter((move) => round.moves.some((one) => one.move === move && Math.abs(one.by) >= SEEN_MM))
                                .map((move) => (
                                    <li key={move}>{told(move, round.moves, show)}</li>
                                ))}
                        </ol>
                    )}
                    <p className="mt-1 text-soft">
                        {round.spare > 0
                            ? 'One reading is checked by the others in plan; the rises are checked by none, so read them twice.'
                            : 'Nothing checks these readings: read each twice, or give the second diagonal.'}
                    </p>
                </>
            )}
        </section>
    );
}

function Row({ what, value, sigma }: { what: string; value: string; sigma: string }) {
    return (
        <div className="contents">
            <dt>{what}</dt>
            <dd className="text-right">{value}</dd>
            <dd className="text-soft">± {sigma}</dd>
        </div>
    );
}

function told(move: SpreadMoveProps['move'], moves: SpreadMoveProps[], show: (mm: number) => string): string {
    const own = moves.filter((one) => one.move === move);
    const first = own[0];
    if (!first) return '';
    if (move === 'turn')
        return `Turn it in plan by ${Math.abs(first.angle ?? 0).toFixed(2)}°: ${own.map((one) => `${one.corner ?? ''} ${show(one.by)} to the ${one.by < 0 ? 'left' : 'right'}`).join(', ')}.`;
    if (move === 'heights')
        return `Then the heights: ${own.map((one) => `${one.corner ?? ''} ${one.by < 0 ? 'down' : 'up'} ${show(one.by)}`).join(', ')}. Read again.`;
    if (move === 'sideways') return `Then sideways ${show(first.by)} to the ${first.by < 0 ? 'left' : 'right'}.`;
    return `Last the gap: ${show(first.by)} ${first.by < 0 ? 'forward' : 'rearward'}.`;
}
