import type { FindingProps, PointProps } from '@/types/props';

export interface Picture {
    lines: { side: 'left' | 'right'; chart: string; measured: string }[];
    /** Arrows from where a point should be to where it is. */
    arrows: { x1: number; y1: number; x2: number; y2: number }[];
    /** How much deviations are enlarged against the picture. */
    factor: number;
    view: 'from above' | 'from the left';
}

export const WIDTH = 260;
export const HEIGHT = 96;
const MARGIN = 16;
/** How far the largest deviation is drawn, in px. */
const LARGEST = 15;
const FROM_ABOVE = ['sidesway', 'short-rail', 'diamond'];

/** A finding as a small picture: the rails as the chart has them and as they are, enlarged. */
/** Which way its pattern is looked at. */
export function viewOf(finding: FindingProps): 'from above' | 'from the left' {
    return FROM_ABOVE.includes(finding.pattern) ? 'from above' : 'from the left';
}

export function picture(finding: FindingProps, points: PointProps[]): Picture | null {
    const measured = points.filter((point) => point.chart && point.deviation && point.side !== 'centre');
    if (measured.length < 4) return null;
    const above = FROM_ABOVE.includes(finding.pattern);
    const across = above ? 1 : 2;
    const chart = (point: PointProps, axis: number) => point.chart?.[axis] ?? 0;
    const off = (point: PointProps, axis: number) => point.deviation?.[axis] ?? 0;
    const stations = measured.map((point) => chart(point, 0));
    const others = measured.map((point) => chart(point, across));
    const middle = [(Math.min(...stations) + Math.max(...stations)) / 2, (Math.min(...others) + Math.max(...others)) / 2] as const;
    const scale = Math.min(
        (WIDTH - 2 * MARGIN) / Math.max(1, Math.max(...stations) - Math.min(...stations)),
        (HEIGHT - 3 * MARGIN) / Math.max(200, Math.max(...others) - Math.min(...others)),
    );
    const concerned = measured.filter((point) => finding.points.includes(point.id));
    const largest = Math.max(1, ...concerned.flatMap((point) => [above ? Math.abs(off(point, 0)) : 0, Math.abs(off(point, across))]));
    const enlarged = (mm: number) => Math.max(-2 * LARGEST, Math.min(2 * LARGEST, (mm * LARGEST) / largest));
    const at = (point: PointProps, moved: boolean) => ({
        x: WIDTH / 2 + (chart(point, 0) - middle[0]) * scale + (moved && above ? enlarged(off(point, 0)) : 0),
        y: HEIGHT / 2 - (chart(point, across) - middle[1]) * scale - (moved ? enlarged(off(point, across)) : 0),
    });
    const line = (side: 'left' | 'right', moved: boolean) =>
        measured
            .filter((point) => point.side === side)
            .sort((a, b) => chart(a, 0) - chart(b, 0))
            .map((point) => at(point, moved))
            .map((place) => `${place.x.toFixed(1)},${place.y.toFixed(1)}`)
            .join(' ');
    return {
        lines: (['left', 'right'] as const).map((side) => ({ side, chart: line(side, false), measured: line(side, true) })),
        arrows: concerned.slice(0, 4).map((point) => {
            const [is, should] = [at(point, true), at(point, false)];
            return { x1: should.x, y1: should.y, x2: is.x, y2: is.y };
        }),
        factor: Math.max(1, Math.round(LARGEST / largest / scale)),
        view: above ? 'from above' : 'from the left',
    };
}
