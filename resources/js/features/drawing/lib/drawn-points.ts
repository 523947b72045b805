import type { Scene } from '@/features/drawing/lib/scene';
import type { PointProps } from '@/types/props';

export interface DrawnPoint {
    point: PointProps;
    plan: { x: number; y: number };
    side: { x: number; y: number };
}

/** A deviation moves a mark by at most this, so that an absurd reading does not throw it off the sheet. */
const FARTHEST_PX = 80;

/** Points where the drawing shows them: on the chart, moved by the enlarged deviation. */
export function drawnPoints(points: PointProps[], scene: Scene, factor: number): DrawnPoint[] {
    return points.flatMap((point) => {
        if (!point.chart) return [];
        const [x = 0, y = 0, z = 0] = point.chart;
        const [dx, dy, dz] = [0, 1, 2].map((axis) => moved(point.deviation?.[axis] ?? 0, scene.scale, factor)) as [number, number, number];
        return [
            {
                point,
                plan: { x: scene.x(x) + dx, y: scene.planY(y) - dy },
                side: { x: scene.x(x) + dx, y: scene.sideY(z) - dz },
            },
        ];
    });
}

function moved(mm: number, scale: number, factor: number): number {
    return Math.max(-FARTHEST_PX, Math.min(FARTHEST_PX, mm * scale * factor));
}

export function byStation(points: DrawnPoint[], side: string): DrawnPoint[] {
    return points.filter((one) => one.point.side === side).sort((a, b) => (a.point.chart?.[0] ?? 0) - (b.point.chart?.[0] ?? 0));
}
