export interface ScenePoint {
    id: string;
    side: 'left' | 'right' | 'centre';
    chart: number[] | null;
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
}

const MARGIN = 44;
const TITLE = 34;
const LABELS = 30;
const RULER = 46;

/** Real proportion: one scale for all directions, as large as the sheet allows; spare height goes between the views. */
export function layOut(points: ScenePoint[], axles: SceneAxle[], width: number, height: number, reach: number[] = []): Scene {
    const charts = points.flatMap((point) => (point.chart ? [point.chart] : []));
    const stations = [...charts.map((chart) => chart[0] ?? 0), ...axles.flatMap((axle) => wheelEnds(axle)), ...reach];
    const from = Math.min(...stations, 0);
    const to = Math.max(...stations, from + 1000);
    const half = Math.max(300, ...charts.map((chart) => Math.abs(chart[1] ?? 0)), ...axles.map((axle) => (axle.track ?? 0) / 2 + 110));
    const top = Math.max(200, ...charts.map((chart) => chart[2] ?? 0)) + 60;
    const low = Math.min(0, ...charts.map((chart) => chart[2] ?? 0));
    const chrome = 2 * TITLE + 3 * LABELS + RULER;
    const scale = Math.max(0.005, Math.min((width - 2 * MARGIN) / (to - from), (height - chrome) / (2 * half + top - low)));
    const spare = Math.max(0, height - chrome - (2 * half + top - low) * scale) / 4;
    const left = MARGIN + (width - 2 * MARGIN - (to - from) * scale) / 2;
    const planTop = TITLE + LABELS / 2 + spare;
    const axis = planTop + half * scale;
    const planBottom = axis + half * scale;
    const rulerY = planBottom + LABELS + spare / 2;
    const sideTop = rulerY + RULER + spare;
    const datumY = sideTop + TITLE + top * scale;
    return {
        width,
        height,
        scale,
        from,
        to,
        x: (station) => left + (station - from) * scale,
        stationAt: (px) => from + (px - left) / scale,
        planY: (offset) => axis - offset * scale,
        sideY: (z) => datumY - z * scale,
        planTop,
        planBottom,
        rulerY,
        sideTop,
        datumY,
    };
}

function wheelEnds(axle: SceneAxle): number[] {
    const radius = axle.tyreRadius ?? 0;
    return [axle.station - radius, axle.station + radius];
}
