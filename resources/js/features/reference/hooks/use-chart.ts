import { useRef, useState } from 'react';
import { send } from '@/shared/lib/http';
import { UNJUDGED } from '@/shared/lib/unjudged';
import type { Unit } from '@/shared/lib/format';
import { path } from '@/shared/lib/path';
import type { ChartRowProps, PointProps, ReferenceProps } from '@/types/props';

export interface Row extends Record<Length, string> {
    id: string;
    name: string;
    side: 'left' | 'right' | 'centre';
    mate: string;
    base: boolean;
    /** What the server has of this point; none for a new one. */
    kept: ChartRowProps | null;
}

type Length = (typeof LENGTHS)[number];

const LENGTHS = ['x', 'y', 'z', 'hole', 'tolerance'] as const;
const BLANK: Row = { id: '', name: '', side: 'left', mate: '', x: '', y: '', z: '', hole: '', tolerance: '3 mm', base: false, kept: null };

/** A place that was measured has more digits than a hand wants to see; one that is left as it is goes back exactly. */
function shown(mm: number | null, unit: Unit, digits: number): string {
    if (mm === null) return '';
    return unit === 'mm' ? `${mm.toFixed(digits)} mm` : `${(mm / 25.4).toFixed(3)} in`;
}

function lengthsOf({ x, y, z, hole, tolerance }: ChartRowProps, unit: Unit, digits: number): Record<Length, string> {
    const few = (mm: number | null) => shown(mm, unit, mm !== null && Number.isInteger(mm) ? 0 : 2);
    return {
        x: shown(x, unit, digits),
        y: shown(y, unit, digits),
        z: shown(z, unit, digits),
        hole: few(hole),
        tolerance: [...new Set(tolerance.map(few))].length === 1 ? few(tolerance[0] ?? 3) : tolerance.map(few).join(' / '),
    };
}

/** As many decimals as the places need, at most two, so that their points stand below each other. */
function digitsOf(rows: ChartRowProps[]): number {
    const places = rows.flatMap(({ x, y, z }) => [x, y, z]).filter((mm) => mm !== null);
    return [0, 1].find((digits) => places.every((mm) => Number(mm.toFixed(digits)) === mm)) ?? 2;
}

function rowOf(kept: ChartRowProps, unit: Unit, digits: number): Row {
    return { ...kept, ...lengthsOf(kept, unit, digits), kept };
}

/** Millimetres of a plain number or one with "mm"; only to draw it while it is typed, the server reads it for good. */
function drawn(typed: string, unit: Unit): number | null {
    const found = /^\s*([-+]?\d+(?:\.\d+)?)\s*(mm|in)?\s*$/.exec(typed.replace('−', '-'));
    if (!found) return null;
    return Number(found[1]) * ((found[2] ?? unit) === 'in' ? 25.4 : 1);
}

/** The chart while it is typed in, and the drawing that grows with it. */
export function useChart(job: number, initial: ReferenceProps, unit: Unit) {
    const [digits, setDigits] = useState(() => digitsOf(initial.rows));
    const [rows, setRows] = useState<Row[]>(() => initial.rows.map((row) => rowOf(row, unit, digits)));
    const [shownIn, setShownIn] = useState(unit);
    const isKept = (row: Row, part: Length, as = unit) => row.kept !== null && row[part] === lengthsOf(row.kept, as, digits)[part];
    if (unit !== shownIn) {
        setShownIn(unit);
        setRows(
            rows.map((row) => {
                const now = row.kept && lengthsOf(row.kept, unit, digits);
                return {
                    ...row,
                    ...Object.fromEntries(LENGTHS.flatMap((part) => (now && isKept(row, part, shownIn) ? [[part, now[part]]] : []))),
                };
            }),
        );
    }
    const [trouble, setTrouble] = useState<string[]>([]);
    const [saving, setSaving] = useState(false);
    const revision = useRef(initial.revision);
    const change = (at: number, part: Partial<Row>) => setRows(rows.map((row, i) => (i === at ? { ...row, ...part } : row)));
    return {
        rows,
        trouble,
        saving,
        change,
        /** A left point brings its mate along, mirrored. */
        addPair: (id: string) =>
            setRows([...rows, { ...BLANK, id: `${id}L`, mate: `${id}R` }, { ...BLANK, id: `${id}R`, side: 'right', mate: `${id}L` }]),
        remove: (at: number) => setRows(rows.filter((_, i) => i !== at)),
        mirror: (at: number) => {
            const row = rows[at];
            const mate = rows.findIndex((one) => one.id === row?.mate);
            if (row && mate >= 0) {
                const y = row.y.startsWith('-') || row.y.startsWith('−') ? row.y.slice(1) : `-${row.y}`;
                change(mate, {
                    x: row.x,
                    y,
                    z: row.z,
                    hole: row.hole,
                    base: row.base,
                    ...(row.tolerance.includes('/') ? {} : { tolerance: row.tolerance }),
                });
            }
        },
        points: rows.flatMap((row): PointProps[] => {
            const place = [row.x, row.y, row.z].map((typed) => drawn(typed, unit));
            const known = place.every((mm) => mm !== null);
            if (row.id === '') return [];
            return [
                {
                    id: row.id,
                    name: row.name,
                    side: row.side,
                    mate: row.mate || null,
                    base: row.base,
                    feature: '',
                    chart: known ? place.map(Number) : null,
                    tolerance: [3, 3, 3],
                    verdict: 'unmeasured',
                    ...UNJUDGED,
                },
            ];
        }),
        save: async (): Promise<ReferenceProps | null> => {
            setSaving(true);
            const answer = await send<ReferenceProps>(
                'PUT',
                path('reference.chart', { job }),
                {
                    unit,
                    points: rows.map(({ kept, ...row }) => ({
                        ...row,
                        ...Object.fromEntries(
                            LENGTHS.flatMap((part) => (isKept({ ...row, kept }, part) ? [[part, unchanged(kept, row.id, part)]] : [])),
                        ),
                    })),
                },
                { revision: revision.current },
            );
            setSaving(false);
            if (answer.state === 'ok') {
                revision.current = answer.body.revision;
                const needed = digitsOf(answer.body.rows);
                setDigits(needed);
                setRows(answer.body.rows.map((row) => rowOf(row, unit, needed)));
                setTrouble([]);
                return answer.body;
            }
            setTrouble(answer.state === 'nothing' ? [] : answer.message.split('\n'));
            return null;
        },
    };
}

/** What goes back for a length that nobody touched: the exact place; nothing for what the server keeps by itself. */
function unchanged(kept: ChartRowProps | null, id: string, part: Length): string | undefined {
    if (part === 'tolerance' || part === 'hole') {
        if (kept?.id === id) return undefined;
        const mm = part === 'hole' ? kept?.hole : kept?.tolerance[0];
        return mm == null ? '' : `${mm} mm`;
    }
    const mm = kept?.[part];
    return mm == null ? '' : `${mm} mm`;
}
