import { byStation, type DrawnPoint } from '@/shared/drawing/lib/drawn-points';
import type { Scene } from '@/shared/drawing/lib/scene';
import { StateShape } from '@/shared/ui/state-mark';

interface Props {
    scene: Scene;
    drawn: DrawnPoint[];
    chosen: string[];
    onChoose: (id: string) => void;
}

const MARKS = {
    '--mark-ground': 'var(--dye)',
    '--mark-in': 'var(--dye-ink)',
    '--mark-unsure': 'var(--dye-unsure)',
    '--mark-out': 'var(--dye-out)',
    '--mark-none': 'var(--dye-soft)',
} as React.CSSProperties;

/** The frame as it was measured, in white over the chart; each point by the shape of its state. */
export function MeasuredFrame({ scene, drawn, chosen, onChoose }: Props) {
    return (
        <g style={MARKS} aria-hidden>
            {(['left', 'right'] as const).map((side) => {
                const rail = byStation(drawn, side).filter((one) => one.point.measured);
                return (
                    <g key={side} fill="none" stroke="var(--dye-ink)" strokeWidth={1.9}>
                        <polyline clipPath={scene.planClip} points={rail.map(({ plan }) => `${plan.x},${plan.y}`).join(' ')} />
                        <polyline
                            clipPath={scene.sideClip}
                            points={rail.map((one) => `${one.side.x},${one.side.y}`).join(' ')}
                            strokeDasharray={side === 'right' ? '7 4' : undefined}
                        />
                    </g>
                );
            })}
            {drawn.flatMap((one) =>
                [one.plan, one.side]
                    .map((at, view) => ({ at, view }))
                    .filter(({ at, view }) => (view === 0 ? scene.inPlan(at.y) : scene.inSide(at.y)))
                    .map(({ at, view }) => (
                        <g
                            data-grip
                            key={`${one.point.id}-${view}`}
                            transform={`translate(${at.x} ${at.y})`}
                            onClick={() => onChoose(one.point.id)}
                            className="cursor-pointer"
                        >
                            <circle r={15} fill="transparent" />
                            {chosen.includes(one.point.id) && <circle r={10} fill="none" stroke="var(--now)" strokeWidth={2.4} />}
                            <StateShape state={one.point.verdict} size={view === 0 ? 5 : 4} />
                        </g>
                    )),
            )}
        </g>
    );
}
