import type { Scene } from '@/shared/drawing/lib/scene';
import type { ForbiddenProps, WindowProps } from '@/types/props';

interface Props {
    scene: Scene;
    forbidden: ForbiddenProps[];
    windows: WindowProps[];
    height?: number;
}

/** Along the rail: what is forbidden hatched, what is allowed open, the best station of each window a tick. */
export function CutStrip({ scene, forbidden, windows, height = 26 }: Props) {
    const y = scene.rulerY - height - 10;
    return (
        <g aria-hidden>
            <defs>
                <pattern id="forbidden" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
                    <rect width="7" height="7" fill="var(--dye-deep)" />
                    <path d="M0 0V7" stroke="var(--dye-out)" strokeWidth={2.4} />
                </pattern>
            </defs>
            {forbidden.map((one, i) => (
                <rect
                    key={i}
                    x={Math.max(scene.x(scene.from), scene.x(one.from))}
                    width={Math.max(1, Math.min(scene.x(scene.to), scene.x(one.to)) - Math.max(scene.x(scene.from), scene.x(one.from)))}
                    y={y}
                    height={height}
                    fill="url(#forbidden)"
                />
            ))}
            {windows.map((one) => (
                <g key={one.from}>
                    <rect
                        x={scene.x(one.from)}
                        width={Math.max(3, scene.x(one.to) - scene.x(one.from))}
                        y={y}
                        height={height}
                        fill="var(--dye-ink)"
                        fillOpacity={0.92}
                    />
                    <path d={`M${scene.x(one.best)} ${y - 5}v${height + 10}`} stroke="var(--now)" strokeWidth={2.4} />
                </g>
            ))}
        </g>
    );
}
