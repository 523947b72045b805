import { ticks } from '@/shared/drawing/lib/ticks';
import type { Scene, SceneAxle, ScenePoint } from '@/shared/drawing/lib/scene';
import { useUnits } from '@/shared/hooks/units';

interface Props {
    scene: Scene;
    points: ScenePoint[];
    axles: SceneAxle[];
    mates: [string, string][];
}

/** What the chart says, as fine scribed lines: rails, pairs, axles, centreline, datum and the station ruler. */
export function ChartLines({ scene, points, axles, mates }: Props) {
    const { unit } = useUnits();
    const rail = (side: string, y: (chart: number[]) => number) =>
        points
            .filter((point) => point.side === side && point.chart)
            .sort((a, b) => (a.chart?.[0] ?? 0) - (b.chart?.[0] ?? 0))
            .map((point) => `${scene.x(point.chart?.[0] ?? 0)},${y(point.chart ?? [])}`)
            .join(' ');
    const at = (id: string) => points.find((point) => point.id === id)?.chart;
    return (
        <g stroke="var(--scribe)" strokeWidth={0.8} fill="none" aria-hidden>
            <path
                clipPath={scene.planClip}
                d={`M${scene.x(scene.from) - 14} ${scene.planY(0)}H${scene.x(scene.to) + 14}`}
                strokeDasharray="18 4 3 4"
                opacity={0.7}
            />
            <path
                clipPath={scene.sideClip}
                d={`M${scene.x(scene.from) - 14} ${scene.datumY}H${scene.x(scene.to) + 14}`}
                strokeDasharray="2 4"
            />
            {(['left', 'right'] as const).map((side) => (
                <g key={side}>
                    <polyline clipPath={scene.planClip} points={rail(side, (chart) => scene.planY(chart[1] ?? 0))} />
                    <polyline clipPath={scene.sideClip} points={rail(side, (chart) => scene.sideY(chart[2] ?? 0))} />
                </g>
            ))}
            {mates.map(([a, b]) => {
                const [p, q] = [at(a), at(b)];
                return p && q ? (
                    <path
                        key={a}
                        opacity={0.45}
                        clipPath={scene.planClip}
                        d={`M${scene.x(p[0] ?? 0)} ${scene.planY(p[1] ?? 0)}L${scene.x(q[0] ?? 0)} ${scene.planY(q[1] ?? 0)}`}
                    />
                ) : null;
            })}
            {axles.map((axle) => (
                <Axle key={axle.id} axle={axle} scene={scene} />
            ))}
            <Ruler
                scene={scene}
                marks={ticks(Math.max(scene.from, scene.stationAt(0)), Math.min(scene.to, scene.stationAt(scene.width)), scene.scale, unit)}
            />
        </g>
    );
}

function Axle({ axle, scene }: { axle: SceneAxle; scene: Scene }) {
    const x = scene.x(axle.station);
    const radius = (axle.tyreRadius ?? 0) * scene.scale;
    const half = (axle.track ?? 0) / 2;
    return (
        <g opacity={0.75}>
            <path clipPath={scene.planClip} d={`M${x} ${scene.planY(half)}V${scene.planY(-half)}`} />
            <path clipPath={scene.sideClip} d={`M${x} ${scene.rulerY}V${scene.datumY}`} />
            {radius > 0 &&
                half > 0 &&
                [half, -half].map((y) => (
                    <rect
                        clipPath={scene.planClip}
                        key={y}
                        x={x - radius}
                        width={2 * radius}
                        y={scene.planY(y) - 100 * scene.scale}
                        height={200 * scene.scale}
                    />
                ))}
        </g>
    );
}

function Ruler({ scene, marks }: { scene: Scene; marks: ReturnType<typeof ticks> }) {
    return (
        <g fill="var(--dye-soft)">
            <path d={`M${scene.x(scene.from)} ${scene.rulerY}H${scene.x(scene.to)}`} />
            {marks.map((mark) => (
                <path key={mark.station} d={`M${scene.x(mark.station)} ${scene.rulerY}v${mark.label === null ? 5 : 10}`} />
            ))}
            {marks.map(
                (mark) =>
                    mark.label !== null && (
                        <text
                            key={mark.station}
                            x={scene.x(mark.station)}
                            y={scene.rulerY + 24}
                            textAnchor="middle"
                            fontSize={13}
                            stroke="none"
                        >
                            {mark.label}
                        </text>
                    ),
            )}
        </g>
    );
}
