import type { Scene } from '@/shared/drawing/lib/scene';
import type { BodyFixtureProps } from '@/types/props';

interface Props {
    fixture: BodyFixtureProps;
    scene: Scene;
    isChosen: boolean;
    onChoose?: ((id: string) => void) | undefined;
}

/** The least that is drawn of a footprint, and the reach of a finger (px). */
const LEAST = 4;
const FINGER = 22;

/** A feature by the shape of its kind: from above by its footprint, from the side where it sits on the rail. */
export function BodyFixture({ fixture, scene, isChosen, onChoose }: Props) {
    const [x1, x2] = [scene.x(fixture.front), scene.x(fixture.rear)];
    const width = Math.max(LEAST, x2 - x1);
    const x = (x1 + x2) / 2;
    const tone = isChosen ? 'var(--now)' : fixture.kind === 'crack' ? 'var(--dye-out)' : 'var(--dye-soft)';
    const [, , top = 0, bottom = 0] = fixture.edges[0] ?? [];
    const [high, low] = [scene.sideY(top), scene.sideY(bottom)];
    return (
        <g
            data-grip={onChoose ? true : undefined}
            stroke={tone}
            strokeWidth={isChosen ? 2.4 : 1.2}
            fill="var(--dye)"
            className={onChoose ? 'cursor-pointer' : undefined}
            onClick={onChoose && (() => onChoose(fixture.id))}
            aria-hidden
        >
            <g clipPath={scene.planClip}>
                {footprints(fixture, scene).map(([y1, y2], i) => (
                    <rect
                        key={i}
                        x={x - width / 2}
                        width={width}
                        y={Math.min(y1, y2)}
                        height={Math.max(2, Math.abs(y2 - y1))}
                        fillOpacity={0.75}
                    />
                ))}
            </g>
            <g clipPath={scene.sideClip}>
                <path d={outline(fixture, scene, { x, width, high, low })} fillOpacity={fixture.kind === 'hole' ? 1 : 0.75} />
                {onChoose && (
                    <rect
                        x={x - Math.max(FINGER, width) / 2}
                        width={Math.max(FINGER, width)}
                        y={high - 12}
                        height={low - high + 24}
                        fill="transparent"
                        stroke="none"
                    />
                )}
            </g>
        </g>
    );
}

/** From above: on each rail, or from rail to rail. */
function footprints({ edges, spans, face }: BodyFixtureProps, scene: Scene): [number, number][] {
    const [left, right] = edges;
    if (spans && left && right) return [[scene.planY(left[1] ?? 0), scene.planY(right[1] ?? 0)]];
    return edges.map(([back = 0, tips = 0]): [number, number] => [
        scene.planY(back),
        scene.planY(face === 'web' ? back + (tips - back) * 0.35 : tips),
    ]);
}

interface Place {
    x: number;
    width: number;
    high: number;
    low: number;
}

function outline({ kind, up, diameter }: BodyFixtureProps, scene: Scene, { x, width, high, low }: Place): string {
    const [a, b] = [x - width / 2, x + width / 2];
    const middle = (high + low) / 2;
    const deep = low - high;
    switch (kind) {
        case 'crossmember':
            return `M${a} ${high + deep * 0.12}H${b}V${low - deep * 0.12}H${a}z`;
        case 'spring-hanger':
            return `M${a} ${middle}H${b}L${x + 4} ${low + deep * 0.55}H${x - 4}z`;
        case 'axle-seat':
        case 'link-mount':
            return `M${a} ${low}H${b}L${x} ${low + deep * 0.4}z`;
        case 'body-mount':
            return `M${a} ${high}H${b}V${high - Math.max(5, deep * 0.18)}H${a}z`;
        case 'tank':
            return `M${a} ${middle}H${b}V${low + deep * 0.9}H${a}z`;
        case 'hole':
        case 'rivet':
        case 'bolt':
            return ring(x, middle - up * scene.scale, Math.max(2.2, ((diameter ?? 10) / 2) * scene.scale), kind !== 'hole');
        case 'back-of-cab':
            return `M${x} ${low}V${high - deep * 1.2}H${x - 14}`;
        case 'weld':
            return [0.1, 0.3, 0.5, 0.7, 0.9].map((at) => `M${x - 4} ${high + deep * at}l8 -5`).join('') + `M${x} ${high}V${low}`;
        case 'bend':
            return `M${x - 6} ${high}L${x + 2} ${middle}L${x - 6} ${low}`;
        case 'crack':
            return `M${x} ${low}l5 ${-deep * 0.25}l-8 ${-deep * 0.15}l6 ${-deep * 0.3}`;
        default:
            return `M${a} ${high + deep * 0.3}H${b}V${low}H${a}z`;
    }
}

function ring(x: number, y: number, radius: number, isFilled: boolean): string {
    const circle = `M${x - radius} ${y}a${radius} ${radius} 0 1 0 ${2 * radius} 0a${radius} ${radius} 0 1 0 ${-2 * radius} 0`;
    return isFilled ? `${circle}M${x - radius} ${y}h${2 * radius}` : circle;
}
