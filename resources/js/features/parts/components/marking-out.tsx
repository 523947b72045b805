import { Link } from '@inertiajs/react';
import { path } from '@/shared/lib/path';
import { useUnits } from '@/shared/hooks/units';
import { formatLength } from '@/shared/lib/format';
import type { MarkingProps, MarkProps } from '@/types/props';

const LINES: Record<string, { sign: string; word: string }> = {
    leave: { sign: '│▒', word: 'leave the line' },
    split: { sign: '▒│▒', word: 'split the line' },
    punch: { sign: '⊕', word: 'punch its middle' },
};

/** How a part is marked out by square and rule: every mark from two edges that can be reached, never in a chain. */
export function MarkingOut({ marking }: { marking: MarkingProps[] }) {
    const { unit, denominator } = useUnits();
    const shown = marking.filter((one) => one.marks.length > 0);
    if (shown.length === 0) return null;
    const length = (mm: number | null) => (mm === null ? '–' : formatLength(mm, unit, denominator));
    return (
        <details className="border-t border-line pt-2">
            <summary className="min-h-11 content-center font-head text-2xl font-semibold">Marking out</summary>
            <p className="text-soft">
                Not within reach of a square:{' '}
                <Link className="underline underline-offset-4" href={path('tool', { tool: 'two-tape' })}>
                    two tapes from holes
                </Link>
                , with a third as check. Over a cut:{' '}
                <Link className="underline underline-offset-4" href={path('tool', { tool: 'gauge-length' })}>
                    a gauge length
                </Link>
                .
            </p>
            {shown.map((one) => (
                <div
                    key={one.drawing}
                    role="region"
                    aria-label={`Marking out: ${one.drawing}`}
                    className="mt-2 overflow-x-auto"
                    tabIndex={0}
                >
                    <p className="max-w-prose">
                        <b className="font-semibold">{one.drawing}.</b> All from the left and the lower edge, never in a chain: a line is
                        good to ± {one.sigma.toFixed(2)} mm, two of them to ± {one.between.toFixed(2)} mm, by the shop’s marker. Its middle
                        lies at {length(one.half)} / {length(one.halfUp)} {unit}; where an edge is rough, measure from the other.
                    </p>
                    <table className="mt-2 w-full max-w-4xl min-w-[560px]">
                        <thead>
                            <tr className="text-left text-sm text-soft">
                                <th className="font-normal">mark</th>
                                <th className="text-right font-normal">from the left, {unit}</th>
                                <th className="text-right font-normal">from the right</th>
                                <th className="text-right font-normal">from below</th>
                                <th className="text-right font-normal">from above</th>
                                <th className="pl-4 font-normal">line</th>
                            </tr>
                        </thead>
                        <tbody>
                            {one.marks.map((mark, i) => (
                                <Row key={i} mark={mark} length={length} />
                            ))}
                        </tbody>
                    </table>
                </div>
            ))}
        </details>
    );
}

function Row({ mark, length }: { mark: MarkProps; length: (mm: number | null) => string }) {
    const line = LINES[mark.line];
    return (
        <tr className="border-t border-line">
            <td>{mark.what}</td>
            <td className="text-right font-semibold tabular-nums">{length(mark.fromLeft)}</td>
            <td className="text-right tabular-nums">{length(mark.fromRight)}</td>
            <td className="text-right font-semibold tabular-nums">{length(mark.fromLow)}</td>
            <td className="text-right tabular-nums">{length(mark.fromHigh)}</td>
            <td className="pl-4 whitespace-nowrap">
                <span aria-hidden>{line?.sign}</span> {line?.word ?? mark.line}
            </td>
        </tr>
    );
}
