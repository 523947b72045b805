export interface ScenePoint {
    id: string;
    side: 'left' | 'right' | 'centre';
    chart: number[] | null;
    deviation?: number[] | null;
}

export interface SceneAxle {
    id: string;
    station: number;
    tyreRadius: number | null;
    track: number | null;
}

/** Where millimetres land on the sheet: plan above, side below, one station scale for both. */
export interface Scene {
    width: number;
    height: number;
    scale: number;
    from: number;
    to: number;
    x: (station: number) => number;
    stationAt: (px: number) => number;
    planY: (offset: number) => number;
    sideY: (height: number) => number;
    planTop: number;
    planBottom: number;
    rulerY: number;
    sideTop: number;
    datumY: number;
    /** Lines of a view that would run into the other are cut off by these. */
    planClip: string | undefined;
    sideClip: string | undefined;
    /** Whether something at this height of the sheet (px) lies in the view. */
    inPlan: (y: number) => boolean;
    inSide: (y: number) => boolean;
    /** An enlarged deviation moves a mark by at most this (mm), so that an absurd reading does not throw it off the sheet. */
    farthest: number;
}

/** How a person has moved the drawing: times as large, and shifted by so much (px). */
export interface View {
    zoom: number;
    dx: number;
    dy: number;
}

export const FITTED: View = { zoom: 1, dx: 0, dy: 0 };

/** What stands around the views, in px; less of it on a phone. */
const ROOMY = { margin: 44, title: 34, labels: 30, ruler: 46 };
const TIGHT = { margin: 30, title: 24, labels: 22, ruler: 32 };
const TIGHT_BELOW = 420;
/** Of the frame's length. */
const FARTHEST = 0.12;

/** Real proportion: one scale for all directions, as large as the sheet allows; spare height goes between the views. */
export function layOut(
    points: ScenePoint[],
    axles: SceneAxle[],
    width: number,
    height: number,
    { reach = [], factor = 1, view = FITTED, clips = [] }: { reach?: number[]; factor?: number; view?: View; clips?: string[] } = {},
): Scene {
    const still = points.flatMap((point) => (point.chart ? [point.chart] : []));
    const farthest = FARTHEST * Math.max(1000, Math.max(...still.map(([x = 0]) => x)) - Math.min(...still.map(([x = 0]) => x)));
    const charts = points.flatMap((point) => (point.chart ? [point.chart, enlarged(point.chart, point.deviation, factor, farthest)] : []));
    const stations = [...charts.map((chart) => chart[0] ?? 0), ...axles.flatMap((axle) => wheelEnds(axle)), ...reach];
    const from = Math.min(...stations, 0);
    const to = Math.max(...stations, from + 1000);
    const half = Math.max(300, ...charts.map((chart) => Math.abs(chart[1] ?? 0)), ...axles.map((axle) => (axle.track ?? 0) / 2 + 110));
    const top = Math.max(200, ...charts.map((chart) => chart[2] ?? 0)) + 60;
    const low = Math.min(0, ...charts.map((chart) => chart[2] ?? 0));
    const { margin, title, labels, ruler } = height < TIGHT_BELOW ? TIGHT : ROOMY;
    const chrome = 2 * title + 3 * labels + ruler;
    const scale = Math.max(0.005, Math.min((width - 2 * margin) / (to - from), (height - chrome) / (2 * half + top - low)));
    const spare = Math.max(0, height - chrome - (2 * half + top - low) * scale) / 4;
    const left = margin + (width - 2 * margin - (to - from) * scale) / 2;
    const planTop = title + labels / 2 + spare;
    const axis = planTop + half * scale;
    const planBottom = axis + half * scale;
    const rulerY = planBottom + labels + spare / 2;
    const sideTop = rulerY + ruler + spare;
    const datumY = sideTop + title + top * scale;
    const { zoom, dx, dy } = view;
    const middle = datumY - ((top + low) / 2) * scale;
    const sideY = (z: number) => (datumY - z * scale - middle) * zoom + middle + dy;
    const isMoved = zoom !== 1 || dy !== 0;
    return {
        width,
        height,
        scale: scale * zoom,
        from,
        to,
        x: (station) => (left + (station - from) * scale) * zoom + dx,
        stationAt: (px) => from + ((px - dx) / zoom - left) / scale,
        planY: (offset) => -offset * scale * zoom + axis + dy,
        sideY,
        planTop,
        planBottom,
        rulerY,
        sideTop,
        datumY: sideY(0),
        planClip: clips[0],
        sideClip: clips[1],
        inPlan: (y) => !isMoved || (y > 30 && y < rulerY),
        inSide: (y) => !isMoved || y > rulerY + 40,
        farthest,
    };
}

/** Where a point is shown: on the chart, moved by the enlarged deviation (mm). */
export function enlarged(chart: number[], deviation: number[] | null | undefined, factor: number, farthest: number): number[] {
    return chart.map((at, axis) => at + Math.max(-farthest, Math.min(farthest, factor * (deviation?.[axis] ?? 0))));
}

function wheelEnds(axle: SceneAxle): number[] {
    const radius = axle.tyreRadius ?? 0;
    return [axle.station - radius, axle.station + radius];
}
