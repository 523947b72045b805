import type { DrawnPoint } from '@/shared/drawing/lib/drawn-points';
import type { Scene } from '@/shared/drawing/lib/scene';
import { kinds } from '@/types/kinds';

export interface BarReading {
    kind: string;
    points: string[];
    text: string;
}

interface Line {
    from: { x: number; y: number };
    to: { x: number; y: number };
}

/** The chosen reading as the tool itself, laid between its points with its length written on it. */
export function Bar({ reading, drawn, scene }: { reading: BarReading; drawn: DrawnPoint[]; scene: Scene }) {
    const found = reading.points.map((id) => drawn.find((one) => one.point.id === id));
    const points = found.filter((one) => one !== undefined);
    if (points.length < found.length || !points[0]) return null;
    const { plan, side } = lines(reading.kind, points, scene);
    const written = plan[0] ?? side[0];
    return (
        <g aria-hidden>
            {[plan, side].map((view, which) =>
                view.map((line, i) => (
                    <path
                        key={`${which} ${i}`}
                        clipPath={which === 0 ? scene.planClip : scene.sideClip}
                        d={`M${line.from.x} ${line.from.y}L${line.to.x} ${line.to.y}`}
                        stroke="var(--now)"
                        strokeWidth={which === 0 ? 3 : 2}
                    />
                )),
            )}
            {written && <Plate line={written} text={reading.text} scene={scene} />}
        </g>
    );
}

/** From point to point; what reads a coordinate runs from where the bench has its zero. */
function lines(kind: string, points: DrawnPoint[], scene: Scene): { plan: Line[]; side: Line[] } {
    const [p] = points;
    if (!p) return { plan: [], side: [] };
    switch (kinds.find((one) => one.name === kind)?.coordinate) {
        case 0:
            return { plan: [{ from: { x: scene.x(0), y: p.plan.y }, to: p.plan }], side: [] };
        case 1:
            return { plan: [{ from: { x: p.plan.x, y: scene.planY(0) }, to: p.plan }], side: [] };
        case 2:
            return { plan: [], side: [{ from: { x: p.side.x, y: scene.datumY }, to: p.side }] };
        default: {
            const between = points.slice(1).map((q, i) => [points[i] ?? p, q] as const);
            return {
                plan: between.map(([from, to]) => ({ from: from.plan, to: to.plan })),
                side: kind === 'plan' ? [] : between.map(([from, to]) => ({ from: from.side, to: to.side })),
            };
        }
    }
}

function Plate({ line, text, scene }: { line: Line; text: string; scene: Scene }) {
    const [dx, dy] = [line.to.x - line.from.x, line.to.y - line.from.y];
    const turn = (Math.atan2(dy, dx) * 180) / Math.PI;
    const upright = turn > 90 || turn < -90 ? turn + 180 : turn;
    const width = text.length * 9 + 18;
    const x = Math.max(width / 2, Math.min(scene.width - width / 2, (line.from.x + line.to.x) / 2));
    return (
        <g transform={`translate(${x} ${(line.from.y + line.to.y) / 2}) rotate(${Math.hypot(dx, dy) > width + 20 ? upright : 0})`}>
            <rect x={-width / 2} y={-13} width={width} height={26} fill="var(--now)" />
            <text y={5.5} textAnchor="middle" fontSize={17} fontWeight={600} fill="var(--now-ink)">
                {text}
            </text>
        </g>
    );
}
