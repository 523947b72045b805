import { KIND_WORDS, repeatWords, valueWords, verdictWords } from '@/shared/lib/words';
import { useUnits } from '@/shared/hooks/units';
import { formatAngle, formatDeviation, formatLength, remainder } from '@/shared/lib/format';
import { Ask } from '@/shared/ui/ask';
import { Button } from '@/shared/ui/button';
import { StateMark } from '@/shared/ui/state-mark';
import type { PointProps, ReadingProps, RepeatProps } from '@/types/props';

const AXES = ['station', 'offset', 'height'] as const;

function Number({ label, children, more }: { label: string; children: React.ReactNode; more?: React.ReactNode }) {
    return (
        <div>
            <dt className="text-sm text-soft">{label}</dt>
            <dd className="text-xl font-semibold whitespace-nowrap">
                {children} {more && <span className="text-base font-normal text-soft">{more}</span>}
            </dd>
        </div>
    );
}

/** The numbers of the chosen point. */
export function PointStrip({ point, onDatum = null }: { point: PointProps; onDatum?: (() => void) | null }) {
    const { unit, denominator } = useUnits();
    return (
        <div className="flex flex-wrap items-center gap-x-8 gap-y-2 px-5 py-3">
            <p>
                <span className="font-head text-3xl font-semibold">{point.id}</span>{' '}
                <span className="text-soft">
                    {point.name}
                    {point.datum === 'carries' && ', carries the datum'}
                    {point.datum === 'doubtful' && ', base point in doubt'}
                    {point.datum === 'left-out' && ', base point that does not carry the datum'}
                </span>
                <span className="block text-base">
                    <Ask about="verdict">
                        <StateMark state={point.verdict} />
                    </Ask>{' '}
                    {verdictWords(point, unit)}
                </span>
            </p>
            <dl className="flex flex-wrap gap-x-7 gap-y-1">
                {AXES.map((axis, i) => (
                    <Number
                        key={axis}
                        label={`${axis} off, ${unit}`}
                        more={
                            point.expanded &&
                            (point.determined?.[i] ? (
                                <Ask about="expanded">± {formatDeviation(point.expanded[i] ?? 0, unit, false)}</Ask>
                            ) : (
                                'loose'
                            ))
                        }
                    >
                        {point.deviation ? (
                            <Ask about="deviation" inputs={inputs(point, i, denominator)}>
                                {formatDeviation(point.deviation[i] ?? 0, unit)}
                            </Ask>
                        ) : (
                            '–'
                        )}
                    </Number>
                ))}
                {point.chart && (
                    <Number label="chart">
                        <span className="text-base font-normal">
                            {point.chart.map((mm) => formatLength(mm, unit, denominator)).join('  /  ')}
                        </span>
                    </Number>
                )}
            </dl>
            {onDatum && point.datum !== 'no' && (
                <Button className="ml-auto" onClick={onDatum}>
                    Datum…
                </Button>
            )}
        </div>
    );
}

function inputs(point: PointProps, axis: number, denominator: number): string {
    const [is, should] = [point.measured?.[axis] ?? 0, point.chart?.[axis] ?? 0];
    const rest = remainder(is, denominator);
    return `measured ${is.toFixed(2)} mm (${formatLength(is, 'in', denominator)} in ${rest < 0 ? '−' : '+'} ${Math.abs(rest).toFixed(2)} mm), chart ${should.toFixed(2)} mm`;
}

interface ReadingProp {
    reading: ReadingProps;
    repeat: RepeatProps | undefined;
    canStrike: boolean;
    canWork: boolean;
    onStrike: () => void;
    onRestore: () => void;
    onAgain: () => void;
}

/** The numbers of the chosen reading, and what one can do with it. */
export function ReadingStrip({ reading, repeat, canStrike, canWork, onStrike, onRestore, onAgain }: ReadingProp) {
    const { unit, denominator } = useUnits();
    const out = reading.state === 'struck';
    return (
        <div className="flex flex-wrap items-center gap-x-8 gap-y-2 px-5 py-3">
            <p>
                <span className="font-head text-3xl font-semibold">
                    {KIND_WORDS[reading.kind]} {reading.points.join(' – ')}
                </span>
                <span className="block text-soft">
                    reading {reading.number}, typed {reading.typed} {reading.by && `by ${reading.by}`}{' '}
                    {reading.at.slice(0, 16).replace('T', ' ')} UTC
                    {reading.edge && `, ${reading.edge} edges`}
                    {reading.instrument && `, with ${reading.instrument}`}
                    {reading.reason && `; ${reading.reason}`}
                    {repeat && `; ${repeatWords(repeat, unit, denominator)}`}
                </span>
            </p>
            <dl className="flex flex-wrap gap-x-7 gap-y-1">
                <Number label="read">{valueWords(reading.value, reading.quantity, unit, denominator)}</Number>
                {reading.off !== null && (
                    <Number label={reading.quantity === 'angle' ? 'off' : `off, ${unit}`}>
                        <Ask about="off">
                            {reading.quantity === 'angle' ? formatAngle(reading.off, 2, true) : formatDeviation(reading.off, unit)}
                        </Ask>
                    </Number>
                )}
                {reading.standardised !== null && (
                    <Number
                        label="in its own σ"
                        more={`checked ${Math.round((reading.redundancy ?? 0) * 100)} %${reading.detectable === null || reading.quantity === 'angle' ? '' : `, shows mistakes over ${formatDeviation(reading.detectable, unit, false)} ${unit}`}`}
                    >
                        <Ask about="standardised">{Math.abs(reading.standardised).toFixed(1)}</Ask>
                    </Number>
                )}
            </dl>
            <div className="ml-auto flex gap-2">
                {canWork && !out && reading.state !== 'superseded' && <Button onClick={onAgain}>Take again</Button>}
                {canStrike && !out && reading.state !== 'superseded' && <Button onClick={onStrike}>Strike…</Button>}
                {canStrike && out && <Button onClick={onRestore}>Put back</Button>}
            </div>
        </div>
    );
}
