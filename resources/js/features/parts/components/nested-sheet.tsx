import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { useUnits } from '@/shared/hooks/units';
import { formatLength } from '@/shared/lib/format';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import type { LaidPieceProps, NestedSheetProps } from '@/types/props';

export interface Laid {
    key: string;
    sheet: string;
    sheetNumber: number;
    at: [number, number];
    rotation: number;
}

interface Props {
    job: number;
    sheet: NestedSheetProps;
    canWork: boolean;
    onLay: (laid: Laid) => void;
    onCut: () => void;
}

const STEP = 10;
const FINE = 1;

/** A sheet from above. A plate is dragged, or moved by arrows and turned by R where it has the focus; whether it runs into something is said when it is put down. */
export function NestedSheet({ job, sheet, canWork, onLay, onCut }: Props) {
    const { unit, denominator } = useUnits();
    const svg = useRef<SVGSVGElement>(null);
    const [drag, setDrag] = useState<{ key: string; from: [number, number]; by: [number, number] } | null>(null);
    const lay = (piece: LaidPieceProps, dx: number, dy: number, turn = 0) =>
        onLay({
            key: piece.key,
            sheet: sheet.sheet,
            sheetNumber: sheet.number,
            at: [(piece.at[0] ?? 0) + dx, (piece.at[1] ?? 0) + dy],
            rotation: (piece.rotation + turn) % 360,
        });
    const place = (event: PointerEvent): [number, number] => {
        const box = svg.current?.getBoundingClientRect();
        // The sheet is fitted into its box: the tighter way counts.
        const scale = box ? Math.max(sheet.width / box.width, sheet.height / box.height) : 1;
        return [event.clientX * scale, -event.clientY * scale];
    };
    const move = (piece: LaidPieceProps) => (event: KeyboardEvent) => {
        const step = event.shiftKey ? FINE : STEP;
        const by: Record<string, [number, number]> = {
            ArrowLeft: [-step, 0],
            ArrowRight: [step, 0],
            ArrowUp: [0, step],
            ArrowDown: [0, -step],
        };
        const way = by[event.key];
        if (way) lay(piece, ...way);
        else if (event.key.toLowerCase() === 'r' && !event.ctrlKey && !event.metaKey) lay(piece, 0, 0, 90);
        else return;
        event.preventDefault();
    };
    const faults = sheet.pieces.filter((piece) => piece.fault);
    // A name is too long for a small plate on a small screen: plates carry numbers, the names stand above.
    const titles = [...new Set(sheet.pieces.map((piece) => piece.title))];
    return (
        <figure className="max-w-5xl">
            <figcaption className="flex flex-wrap items-baseline justify-between gap-x-4">
                <span className="font-semibold">
                    Sheet {sheet.number}, {formatLength(sheet.width, unit, denominator)} × {formatLength(sheet.height, unit, denominator)}{' '}
                    {unit}
                </span>
                <span className="tabular-nums">{(sheet.utilisation * 100).toFixed(0)} % used</span>
                {faults.length === 0 ? (
                    <a
                        className="inline-flex min-h-11 items-center underline underline-offset-4"
                        href={path('nest.dxf', { job, sheet: sheet.sheet, number: sheet.number })}
                    >
                        DXF of this sheet
                    </a>
                ) : (
                    <b className="font-semibold">✕ {faults.map((piece) => `${piece.title}: ${piece.fault}`).join('; ')}</b>
                )}
            </figcaption>
            <ol className="mb-2 flex flex-wrap gap-x-6 gap-y-1">
                {titles.map((title, i) => (
                    <li key={title}>
                        <b className="mr-2 font-semibold tabular-nums">{i + 1}</b>
                        {title}, {sheet.pieces.filter((piece) => piece.title === title).length} ×
                    </li>
                ))}
            </ol>
            <svg
                ref={svg}
                viewBox={`0 ${-sheet.height} ${sheet.width} ${sheet.height}`}
                className="max-h-[64vh] w-full"
                role="group"
                aria-label={`Sheet ${sheet.number} with ${sheet.pieces.length} plates`}
            >
                <path
                    d={`M0 0H${sheet.width}V${-sheet.height}H0Z`}
                    fill="var(--bench)"
                    stroke="var(--ink)"
                    strokeWidth={sheet.width / 400}
                />
                {sheet.pieces.map((piece) => {
                    const [dx, dy] = drag?.key === piece.key ? drag.by : [0, 0];
                    const d = `M${piece.corners.map(([x = 0, y = 0]) => `${x + dx} ${-(y + dy)}`).join('L')}Z`;
                    const [cx, cy] = middle(piece);
                    return (
                        <g
                            key={piece.key}
                            // A plate is picked up like a thing, and every key that moves it is named in the text above.
                            role="button"
                            tabIndex={canWork ? 0 : -1}
                            aria-label={`${piece.title}${piece.fault ? `, ${piece.fault}` : ''}${piece.isByHand ? ', laid by hand' : ''}`}
                            className={canWork ? 'cursor-grab touch-none focus-visible:outline-4' : ''}
                            onKeyDown={canWork ? move(piece) : undefined}
                            onPointerDown={(event) => {
                                if (!canWork) return;
                                event.currentTarget.setPointerCapture(event.pointerId);
                                setDrag({ key: piece.key, from: place(event), by: [0, 0] });
                            }}
                            onPointerMove={(event) => {
                                if (drag?.key !== piece.key) return;
                                const [x, y] = place(event);
                                setDrag({ ...drag, by: [x - drag.from[0], y - drag.from[1]] });
                            }}
                            onPointerUp={() => {
                                if (drag?.key === piece.key && Math.hypot(...drag.by) > 0.5) lay(piece, ...drag.by);
                                setDrag(null);
                            }}
                            onPointerCancel={() => setDrag(null)}
                        >
                            <path
                                d={d}
                                fill="var(--paper)"
                                stroke={piece.fault ? 'var(--out)' : 'var(--ink)'}
                                strokeWidth={sheet.width / (piece.fault ? 250 : 500)}
                                strokeDasharray={piece.fault ? `${sheet.width / 60} ${sheet.width / 120}` : undefined}
                            />
                            <text
                                x={cx + dx}
                                y={-(cy + dy)}
                                fontSize={sheet.width / 24}
                                textAnchor="middle"
                                dominantBaseline="central"
                                fill="var(--ink)"
                            >
                                {piece.fault ? '✕ ' : ''}
                                {titles.indexOf(piece.title) + 1}
                            </text>
                        </g>
                    );
                })}
            </svg>
            {canWork && faults.length === 0 && (
                <Button className="mt-2" onClick={onCut}>
                    Cut: take this sheet off the rack and put the rest of it back
                </Button>
            )}
        </figure>
    );
}

/** Where its number stands. */
function middle(piece: LaidPieceProps): [number, number] {
    const [xs, ys] = [piece.corners.map(([x = 0]) => x), piece.corners.map(([, y = 0]) => y)];
    return [(Math.min(...xs) + Math.max(...xs)) / 2, (Math.min(...ys) + Math.max(...ys)) / 2];
}
