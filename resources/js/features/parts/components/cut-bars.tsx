import { Link } from '@inertiajs/react';
import { useUnits } from '@/shared/hooks/units';
import { formatLength } from '@/shared/lib/format';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { Trouble } from '@/shared/ui/trouble';
import type { CutBarProps, CutListProps } from '@/types/props';

interface Props {
    job: number;
    list: CutListProps;
    canWork: boolean;
    onSawn: () => void;
}

/** What is sawn of one stock: its bars as they are marked, in the order at the saw. */
export function CutBars({ job, list, canWork, onSawn }: Props) {
    const { unit, denominator } = useUnits();
    const waiting = list.parts.filter((one) => one.now < one.all);
    const name = list.stock || 'Stock not given';
    return (
        <section aria-label={name} className="grid max-w-5xl gap-3">
            <h2 className="text-3xl">{name}</h2>
            {list.stock === '' ? (
                <Trouble title="No stock given">
                    Say on each part what it is sawn from:{' '}
                    {list.parts.map((one) => (
                        <Link key={one.part} href={path('part', { job, part: one.part })} className="mr-3 underline underline-offset-4">
                            {one.title}
                        </Link>
                    ))}
                </Trouble>
            ) : (
                list.trouble && <Trouble title="Not laid out">{list.trouble}</Trouble>
            )}
            {list.bars.length > 0 && (
                <p>
                    <b className="font-semibold">
                        {list.bars.length} {list.bars.length === 1 ? 'bar' : 'bars'}.
                    </b>{' '}
                    {list.isProven ? 'No other way takes less of the rack.' : 'A good way; not proven the best.'} Longest first; mark each
                    length after the last cut, from the fresh end. Cut on the waste side of the mark.
                </p>
            )}
            {list.remarks.map((remark) => (
                <p key={remark} className="text-soft">
                    {remark}
                </p>
            ))}
            {waiting.length > 0 && (
                <p className="text-soft">
                    Waiting for a first article: {waiting.map((one) => `${one.title}, ${one.all - one.now} more`).join('; ')}.
                </p>
            )}
            <ol className="grid gap-4">
                {list.bars.map((bar, i) => (
                    <li key={i}>
                        <Bar bar={bar} number={i + 1} />
                        <table className="mt-1 w-full max-w-2xl">
                            <thead>
                                <tr className="text-left text-sm text-soft">
                                    <th className="font-normal">part</th>
                                    <th className="text-right font-normal">length, {unit}</th>
                                    <th className="text-right font-normal">middle of the cut, {unit}</th>
                                </tr>
                            </thead>
                            <tbody>
                                {bar.pieces.map((piece, n) => (
                                    <tr key={n} className="border-t border-line">
                                        <td>{piece.title}</td>
                                        <td className="text-right font-semibold tabular-nums">
                                            {formatLength(piece.length, unit, denominator)}
                                        </td>
                                        <td className="text-right tabular-nums">{formatLength(piece.cut, unit, denominator)}</td>
                                    </tr>
                                ))}
                            </tbody>
                        </table>
                    </li>
                ))}
            </ol>
            {canWork && list.bars.length > 0 && (
                <Button className="justify-self-start" onClick={onSawn}>
                    Sawn: take these off the rack and put the off-cuts back
                </Button>
            )}
        </section>
    );
}

function Bar({ bar, number }: { bar: CutBarProps; number: number }) {
    const { unit, denominator } = useUnits();
    const text = `Bar ${number}, ${formatLength(bar.length, unit, denominator)} ${unit}${bar.isRemnant ? ', off-cut' : ''}`;
    return (
        <figure>
            <figcaption className="flex justify-between gap-4">
                <span className="font-semibold">{text}</span>
                <span className="tabular-nums">
                    left: {formatLength(bar.offcut, unit, denominator)} {unit}
                </span>
            </figcaption>
            <svg
                viewBox="0 0 1000 46"
                className="mt-1 w-full"
                role="img"
                aria-label={`${text}: ${bar.pieces.map((one) => one.title).join(', ')}`}
            >
                <path d="M1 1H999V45H1z" fill="var(--bench)" stroke="var(--ink)" />
                {bar.pieces.map((piece, i) => {
                    const [x, wide] = [(piece.at / bar.length) * 1000, (piece.length / bar.length) * 1000];
                    return (
                        <g key={i}>
                            <path d={`M${x} 1h${wide}v44h${-wide}z`} fill="var(--paper)" stroke="var(--ink)" />
                            <svg x={x} y={0} width={wide} height={46}>
                                <text x={6} y={29} fontSize={17} fill="var(--ink)">
                                    {piece.title}
                                </text>
                            </svg>
                        </g>
                    );
                })}
            </svg>
        </figure>
    );
}
