import type { DrawnPoint } from '@/features/drawing/lib/drawn-points';
import type { Scene } from '@/features/drawing/lib/scene';

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
    const [p, q] = reading.points.map((id) => drawn.find((one) => one.point.id === id));
    if (!p) return null;
    const [plan, side] = lines(reading.kind, p, q, scene);
    const written = plan ?? side;
    return (
        <g aria-hidden>
            {[plan, side].map(
                (line, view) =>
                    line && (
                        <path
                            key={view}
                            d={`M${line.from.x} ${line.from.y}L${line.to.x} ${line.to.y}`}
                            stroke="var(--now)"
                            strokeWidth={view === 0 ? 3 : 2}
                        />
                    ),
            )}
            {written && <Plate line={written} text={reading.text} scene={scene} />}
        </g>
    );
}

function lines(kind: string, p: DrawnPoint, q: DrawnPoint | undefined, scene: Scene): [Line | null, Line | null] {
    switch (kind) {
        case 'height':
            return [null, { from: { x: p.side.x, y: scene.datumY }, to: p.side }];
        case 'offset':
            return [{ from: { x: p.plan.x, y: scene.planY(0) }, to: p.plan }, null];
        case 'station':
            return [{ from: { x: scene.x(0), y: p.plan.y }, to: p.plan }, null];
        case 'rise':
        case 'slope':
            return q
                ? [
                      { from: p.plan, to: q.plan },
                      { from: p.side, to: q.side },
                  ]
                : [null, null];
        default:
            return q ? [{ from: p.plan, to: q.plan }, kind === 'plan' ? null : { from: p.side, to: q.side }] : [null, null];
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
