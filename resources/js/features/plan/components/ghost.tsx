import { placeLabels, type Label } from '@/shared/drawing/lib/place-labels';
import type { Scene } from '@/shared/drawing/lib/scene';
import type { AxleProps, TargetProps } from '@/types/props';

/** The planned frame in white over its chart: where every point is to be. */
export function Ghost({ target, axles, scene }: { target: TargetProps[]; axles: AxleProps[]; scene: Scene }) {
    const rail = (side: string, y: (place: number[]) => number) =>
        target
            .filter((one) => one.side === side && one.target)
            .sort((a, b) => (a.target?.[0] ?? 0) - (b.target?.[0] ?? 0))
            .map((one) => `${scene.x(one.target?.[0] ?? 0)},${y(one.target ?? [])}`)
            .join(' ');
    return (
        <g fill="none" stroke="var(--dye-ink)" strokeWidth={1.8} aria-hidden>
            {(['left', 'right'] as const).map((side) => (
                <g key={side}>
                    <polyline clipPath={scene.planClip} points={rail(side, (place) => scene.planY(place[1] ?? 0))} />
                    <polyline
                        clipPath={scene.sideClip}
                        points={rail(side, (place) => scene.sideY(place[2] ?? 0))}
                        strokeDasharray={side === 'right' ? '7 4' : undefined}
                    />
                </g>
            ))}
            {target.map((one) =>
                one.target ? (
                    <circle
                        clipPath={scene.planClip}
                        key={one.id}
                        cx={scene.x(one.target[0] ?? 0)}
                        cy={scene.planY(one.target[1] ?? 0)}
                        r={3.4}
                        fill="var(--dye)"
                    />
                ) : (
                    one.chart && (
                        <path
                            key={one.id}
                            clipPath={scene.planClip}
                            d={`M${scene.x(one.chart[0] ?? 0) - 5} ${scene.planY(one.chart[1] ?? 0) - 5}l10 10m0-10l-10 10`}
                            stroke="var(--dye-out)"
                        />
                    )
                ),
            )}
            <g
                fill="var(--dye-soft)"
                paintOrder="stroke"
                stroke="var(--dye)"
                strokeWidth={4}
                fontFamily="var(--font-head)"
                fontSize={14}
                fontWeight={500}
            >
                {placeLabels(target.flatMap((one) => labelOf(one, scene)))
                    .filter((label) => scene.inPlan(label.y))
                    .map((label) => (
                        <text key={label.key} x={label.x} y={label.y} textAnchor="middle">
                            {label.text}
                        </text>
                    ))}
            </g>
            {axles.map((axle) => (
                <path
                    key={axle.id}
                    clipPath={scene.planClip}
                    d={`M${scene.x(axle.station)} ${scene.planY((axle.track ?? 0) / 2)}V${scene.planY(-(axle.track ?? 0) / 2)}`}
                    strokeWidth={1.2}
                />
            ))}
        </g>
    );
}

function labelOf(one: TargetProps, scene: Scene): Label[] {
    const place = one.target ?? one.chart;
    return place
        ? [
              {
                  key: one.id,
                  text: one.id,
                  x: scene.x(place[0] ?? 0),
                  y: scene.planY(place[1] ?? 0) + (one.side === 'left' ? 21 : -11),
                  rank: one.target ? 1 : 0,
              },
          ]
        : [];
}
