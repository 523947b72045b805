import { useState } from 'react';
import type { Draft } from '@/features/run/lib/entry-body';
import { useUnits } from '@/shared/hooks/units';
import { forAGlove } from '@/shared/lib/for-a-glove';
import { formatDeviation, formatLength } from '@/shared/lib/format';
import { say } from '@/shared/lib/say';
import { typedLength } from '@/shared/lib/typed';
import { Field } from '@/shared/ui/field';
import { Select } from '@/shared/ui/select';
import { Trouble } from '@/shared/ui/trouble';
import type { HoldProps, LogEntryProps, SurveyTabProps } from '@/types/props';

const ACTIONS: Record<string, string> = {
    'go-on': 'Go on.',
    'measure-again': 'Measure again: the mean of more readings settles it.',
    move: 'Open the tack and move it.',
    stop: 'Stop: no move can settle it now.',
};

const WAYS: Record<string, string> = {
    heights: 'Heights of the four corners',
    survey: 'A survey of its own',
    look: 'Looked at',
    picture: 'A picture of it',
    marks: 'Witness marks',
};

const CORNERS = [
    ['frontLeft', 'front left'],
    ['frontRight', 'front right'],
    ['rearLeft', 'rear left'],
    ['rearRight', 'rear right'],
] as const;

export type Found = Pick<Draft, 'reading' | 'heights' | 'survey' | 'file'>;

interface Props {
    hold: HoldProps;
    surveys: SurveyTabProps[];
    lastHeights: Record<string, unknown>;
    /** What was found; null where something is missing yet. */
    onFound: (found: Found | null) => void;
}

/** What is measured before the work goes on, in whichever way the hold point allows. */
export function HoldForm({ hold, surveys, lastHeights, onFound }: Props) {
    const { unit, denominator } = useUnits();
    const typed = (mm: unknown) => (typeof mm === 'number' ? typedLength(mm, unit) : '');
    const [way, setWay] = useState<string>(hold.ways[0] ?? 'look');
    const [survey, setSurvey] = useState('');
    const [heights, setHeights] = useState<Record<string, string>>({});
    const [widths, setWidths] = useState(() => ({ frontWidth: typed(lastHeights.frontWidth), rearWidth: typed(lastHeights.rearWidth) }));
    const tell = (corners: Record<string, string>, apart: { frontWidth: string; rearWidth: string }) =>
        onFound(
            CORNERS.every(([corner]) => corners[corner]) && apart.frontWidth && apart.rearWidth
                ? { heights: { heights: corners, ...apart } }
                : null,
        );
    return (
        <div className="grid gap-3">
            {hold.ways.length > 1 && (
                <Select
                    label="Settled by"
                    value={way}
                    choices={hold.ways.map((one) => ({ value: one, label: WAYS[one] ?? one }))}
                    onChange={(chosen) => {
                        setWay(chosen);
                        onFound(chosen === 'look' ? {} : null);
                    }}
                />
            )}
            {way === 'marks' && (
                <Field
                    label={`It reads, ${unit}`}
                    className="max-w-60"
                    {...forAGlove()}
                    onChange={(event) => onFound(event.target.value.trim() === '' ? null : { reading: event.target.value })}
                />
            )}
            {way === 'heights' && (
                <div className="grid grid-cols-2 gap-3">
                    {CORNERS.map(([corner, label]) => (
                        <Field
                            key={corner}
                            label={`Height ${label}, ${unit}`}
                            {...forAGlove()}
                            value={heights[corner] ?? ''}
                            onChange={(event) => {
                                const now = { ...heights, [corner]: event.target.value };
                                setHeights(now);
                                tell(now, widths);
                            }}
                        />
                    ))}
                    {(['frontWidth', 'rearWidth'] as const).map((width) => (
                        <Field
                            key={width}
                            label={`Between the ${width === 'frontWidth' ? 'front' : 'rear'} ones, ${unit}`}
                            {...forAGlove()}
                            value={widths[width]}
                            onChange={(event) => {
                                const now = { ...widths, [width]: event.target.value };
                                setWidths(now);
                                tell(heights, now);
                            }}
                        />
                    ))}
                </div>
            )}
            {way === 'survey' && (
                <Select
                    label="Survey that was made for it"
                    value={survey}
                    choices={[{ value: '', label: 'choose it' }, ...surveys.map((one) => ({ value: one.code, label: one.name }))]}
                    onChange={(code) => {
                        setSurvey(code);
                        onFound(code === '' ? null : { survey: code });
                    }}
                />
            )}
            {way === 'picture' && (
                <label className="grid gap-1">
                    <span className="text-sm text-soft">Picture of the place</span>
                    <input
                        type="file"
                        accept="image/jpeg,image/png,image/webp"
                        capture="environment"
                        className="min-h-14 w-full border border-ink p-3"
                        onChange={(event) => {
                            const file = event.target.files?.[0];
                            onFound(file ? { file } : null);
                        }}
                    />
                </label>
            )}
            {hold.from !== null && hold.to !== null && (
                <p className="tabular-nums">
                    Goes on from {formatLength(hold.from, unit, denominator)} to {formatLength(hold.to, unit, denominator)} {unit}.
                </p>
            )}
        </div>
    );
}

/** What was found last, where the work did not go on. */
export function NotYet({ last }: { last: LogEntryProps }) {
    const { unit, denominator } = useUnits();
    const title = last.found ? say(last.found, unit) : `${formatLength(last.reading ?? 0, unit, denominator)} ${unit}`;
    return (
        <div role="status">
            <Trouble title={`${title.replace(/\.$/, '')}: not yet`}>
                {last.found ? OTHERS[last.action ?? ''] : ACTIONS[last.action ?? '']}
                {last.readings !== null && ` ${last.readings.toFixed(0)} readings in all would.`}
                {last.expected !== null && (
                    <>
                        {' '}
                        At the end it would be off by {formatDeviation(last.expected, unit)} ±{' '}
                        {formatDeviation(last.uncertainty ?? 0, unit, false)} {unit}
                        {last.action === 'move' && `: best moved by ${formatDeviation(last.move ?? 0, unit)} ${unit}`}.
                    </>
                )}
            </Trouble>
        </div>
    );
}

const OTHERS: Record<string, string> = {
    'measure-again': 'Read again: it is too close to call, or not all of it was read.',
    move: 'Put right what is out, and measure again.',
    stop: 'Stop.',
};
