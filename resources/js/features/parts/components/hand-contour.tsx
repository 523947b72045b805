import { useRef, useState, type PointerEvent } from 'react';
import { sight, VIEWS, type Corner, type View } from '@/features/parts/lib/hand-view';
import { useUnits } from '@/shared/hooks/units';
import { formatLength } from '@/shared/lib/format';
import { Button } from '@/shared/ui/button';
import { Segmented } from '@/shared/ui/segmented';
import type { SurveyedPointProps } from '@/types/props';

interface Props {
    surveyed: SurveyedPointProps[];
    onDone: (contour: Corner[]) => void;
    onClose: () => void;
}

const NUDGES: { label: string; by: Corner }[] = [
    { label: 'left', by: [-1, 0] },
    { label: 'right', by: [1, 0] },
    { label: 'up', by: [0, 1] },
    { label: 'down', by: [0, -1] },
];

const ARROWS: Record<string, string> = { left: '←', right: '→', up: '↑', down: '↓' };

/** A contour corner by corner on a grid, caught by surveyed points; the last one is moved by buttons, which a glove and the keyboard find. */
export function HandContour({ surveyed, onDone, onClose }: Props) {
    const { unit, denominator } = useUnits();
    const [view, setView] = useState<View>('side');
    const [corners, setCorners] = useState<Corner[]>([]);
    const svg = useRef<SVGSVGElement>(null);
    const [nearer, setNearer] = useState(1);
    const seen = sight(surveyed, view, nearer, corners.at(-1) ?? null);
    const { box, grid } = seen;
    const add = (event: PointerEvent) => {
        const bounds = svg.current?.getBoundingClientRect();
        if (!bounds) return;
        const scale = Math.max(box.width / bounds.width, box.height / bounds.height);
        const [x, y] = [
            box.x + box.width / 2 + (event.clientX - bounds.left - bounds.width / 2) * scale,
            box.y + box.height / 2 - (event.clientY - bounds.top - bounds.height / 2) * scale,
        ];
        setCorners([...corners, seen.caught([x, y], 22 * scale)]);
    };
    const nudge = (dx: number, dy: number) => {
        const last = corners.at(-1);
        if (last) setCorners([...corners.slice(0, -1), [last[0] + dx, last[1] + dy]]);
    };
    const flat = ([x, y]: Corner) => `${x} ${-y}`;
    const dot = box.width / 160;
    return (
        <section aria-label="A plate by hand" className="grid gap-3 border border-ink p-4">
            <p className="max-w-prose">
                Tap corner after corner. A tap near a surveyed point takes that point. Nearer shows less of it and more finely, about the
                last corner. Corners become numbers in the form that follows.
            </p>
            <div className="flex flex-wrap items-center gap-3">
                <Segmented
                    label="Seen from"
                    value={view}
                    choices={VIEWS}
                    onChange={(next) => {
                        setView(next);
                        setCorners([]);
                    }}
                />
                <Button onClick={() => setNearer(Math.min(64, nearer * 2))}>Nearer</Button>
                <Button disabled={nearer === 1} onClick={() => setNearer(nearer / 2)}>
                    Farther
                </Button>
                <Button look="quiet" onClick={() => setCorners(corners.slice(0, -1))}>
                    Take the last back
                </Button>
            </div>
            <svg
                ref={svg}
                viewBox={`${box.x} ${-box.y - box.height} ${box.width} ${box.height}`}
                className="max-h-[60vh] w-full touch-manipulation border border-line bg-bench"
                onPointerUp={add}
            >
                <path d={seen.lines} stroke="var(--line)" strokeWidth={dot / 3} fill="none" />
                {seen.points.map((point) => (
                    <g key={point.id}>
                        <circle cx={point.at[0]} cy={-point.at[1]} r={dot} fill="none" stroke="var(--ink)" strokeWidth={dot / 3} />
                        <text x={point.at[0] + 1.4 * dot} y={-point.at[1] - dot} fontSize={3 * dot} fill="var(--soft)">
                            {point.id}
                        </text>
                    </g>
                ))}
                {corners.length > 1 && (
                    <path d={`M${corners.map(flat).join('L')}Z`} fill="none" stroke="var(--ink)" strokeWidth={dot / 1.5} />
                )}
                {corners.map((corner, i) => (
                    <circle
                        key={i}
                        cx={corner[0]}
                        cy={-corner[1]}
                        r={dot * 1.2}
                        fill={i === corners.length - 1 ? 'var(--now)' : 'var(--ink)'}
                    />
                ))}
            </svg>
            <p className="tabular-nums" role="status">
                {corners.length === 0
                    ? `No corner yet. One square is ${formatLength(grid, unit, denominator)} ${unit}.`
                    : `${corners.length} ${corners.length === 1 ? 'corner' : 'corners'}; the last at ${corners
                          .at(-1)
                          ?.map((one) => formatLength(one, unit, denominator))
                          .join(' / ')} ${unit}.`}
            </p>
            <div role="group" aria-label="Move the last corner by 1 mm" className="flex flex-wrap gap-2">
                {NUDGES.map(({ label, by }) => (
                    <Button key={label} aria-label={label} className="min-w-14 text-xl" onClick={() => nudge(...by)}>
                        {ARROWS[label]}
                    </Button>
                ))}
            </div>
            <div className="flex flex-wrap gap-3">
                <Button look="now" disabled={corners.length < 3} onClick={() => onDone(corners)}>
                    Make it a plate
                </Button>
                <Button look="quiet" onClick={onClose}>
                    Leave it
                </Button>
            </div>
        </section>
    );
}
