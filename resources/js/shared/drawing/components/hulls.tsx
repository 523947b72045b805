import type { DrawnPoint } from '@/shared/drawing/lib/drawn-points';
import { enlarged, type Scene } from '@/shared/drawing/lib/scene';

/** Reasons for which a point may stand in more than one place. */
const PLACES = ['more than one explanation', 'a mirror solution fits as well', 'datum in doubt'];

/** Where a point may stand as far as the explanations differ: a bar between the ends, with a ghost at either. */
export function Hulls({ drawn, scene, factor }: { drawn: DrawnPoint[]; scene: Scene; factor: number }) {
    return (
        <g stroke="var(--dye-unsure)" strokeWidth={1.6} fill="none" aria-hidden>
            {drawn.flatMap(({ point }) => {
                const { chart, hull, reasons } = point;
                if (!chart) return [];
                return reasons.flatMap((reason, axis) => {
                    const [least, most] = hull[axis] ?? [];
                    if (reason === null || !PLACES.includes(reason) || least == null || most == null) return [];
                    const ends = [least, most].map((mm) =>
                        enlarged(
                            chart,
                            [0, 1, 2].map((k) => (k === axis ? mm : (point.deviation?.[k] ?? 0))),
                            factor,
                            scene.farthest,
                        ),
                    );
                    const lines = ends.map(([x = 0, y = 0, z = 0]) =>
                        axis === 2 ? [scene.x(x), scene.sideY(z)] : [scene.x(x), scene.planY(y)],
                    );
                    const [[x1 = 0, y1 = 0] = [], [x2 = 0, y2 = 0] = []] = lines;
                    return [
                        <g key={`${point.id} ${axis}`} clipPath={axis === 2 ? scene.sideClip : scene.planClip}>
                            <path d={`M${x1} ${y1}L${x2} ${y2}`} strokeDasharray="2 3" />
                            <circle cx={x1} cy={y1} r={3.2} />
                            <circle cx={x2} cy={y2} r={3.2} />
                        </g>,
                    ];
                });
            })}
        </g>
    );
}
