import { enlarged, type Scene } from '@/shared/drawing/lib/scene';
import type { PointProps } from '@/types/props';

export interface DrawnPoint {
    point: PointProps;
    plan: { x: number; y: number };
    side: { x: number; y: number };
}

/** Points where the drawing shows them: on the chart, moved by the enlarged deviation. */
export function drawnPoints(points: PointProps[], scene: Scene, factor: number): DrawnPoint[] {
    return points.flatMap((point) => {
        if (!point.chart) return [];
        const [x = 0, y = 0, z = 0] = enlarged(point.chart, point.deviation, factor, scene.farthest);
        return [{ point, plan: { x: scene.x(x), y: scene.planY(y) }, side: { x: scene.x(x), y: scene.sideY(z) } }];
    });
}

export function byStation(points: DrawnPoint[], side: string): DrawnPoint[] {
    return points.filter((one) => one.point.side === side).sort((a, b) => (a.point.chart?.[0] ?? 0) - (b.point.chart?.[0] ?? 0));
}
