import { useState } from 'react';
import { send } from '@/shared/lib/http';
import type { Unit } from '@/shared/lib/format';
import { path } from '@/shared/lib/path';
import type { ChartRowProps, PointProps, ReferenceProps } from '@/types/props';

export interface Row {
    id: string;
    name: string;
    side: 'left' | 'right' | 'centre';
    mate: string;
    x: string;
    y: string;
    z: string;
    hole: string;
    tolerance: string;
    base: boolean;
}

const BLANK: Row = { id: '', name: '', side: 'left', mate: '', x: '', y: '', z: '', hole: '', tolerance: '3', base: false };

/** A place that was measured has more digits than a hand wants to see; one that is left as it is goes back exactly. */
function shown(mm: number | null): string {
    return mm === null ? '' : `${Math.round(mm * 100) / 100} mm`;
}

function exact(typed: string, mm: number | null | undefined): string {
    return mm != null && typed === shown(mm) ? `${mm} mm` : typed;
}

function rowOf(point: ChartRowProps): Row {
    const typed = shown;
    return {
        ...point,
        x: typed(point.x),
        y: typed(point.y),
        z: typed(point.z),
        hole: typed(point.hole),
        tolerance: String(point.tolerance),
    };
}

/** Millimetres of a plain number or one with "mm"; only to draw it while it is typed, the server reads it for good. */
function drawn(typed: string, unit: Unit): number | null {
    const found = /^\s*([+-−]?\d+(?:\.\d+)?)\s*(mm|in)?\s*$/.exec(typed.replace('−', '-'));
    if (!found) return null;
    return Number(found[1]) * ((found[2] ?? unit) === 'in' ? 25.4 : 1);
}

/** The chart while it is typed in, and the drawing that grows with it. */
export function useChart(job: number, initial: ReferenceProps, unit: Unit) {
    const [rows, setRows] = useState<Row[]>(() => initial.rows.map(rowOf));
    const [kept, setKept] = useState(initial.rows);
    const [trouble, setTrouble] = useState<string[]>([]);
    const [saving, setSaving] = useState(false);
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
                change(mate, { x: row.x, y, z: row.z, hole: row.hole, tolerance: row.tolerance, base: row.base });
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
                    measured: null,
                    deviation: null,
                    expanded: null,
                    determined: null,
                    axes: [],
                    verdict: 'unmeasured',
                    decidingAxis: null,
                },
            ];
        }),
        save: async (): Promise<ReferenceProps | null> => {
            setSaving(true);
            const answer = await send<ReferenceProps>('PUT', path('reference.chart', { job }), {
                unit,
                points: rows.map((row) => {
                    const was = kept.find((one) => one.id === row.id);
                    return {
                        ...row,
                        x: exact(row.x, was?.x),
                        y: exact(row.y, was?.y),
                        z: exact(row.z, was?.z),
                        hole: exact(row.hole, was?.hole),
                    };
                }),
            });
            setSaving(false);
            if (answer.state === 'ok') {
                setRows(answer.body.rows.map(rowOf));
                setKept(answer.body.rows);
                setTrouble([]);
                return answer.body;
            }
            setTrouble(answer.state === 'nothing' ? [] : answer.message.split('\n'));
            return null;
        },
    };
}
