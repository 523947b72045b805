import { placeLabels, type Label } from '@/shared/drawing/lib/place-labels';
import type { Scene } from '@/shared/drawing/lib/scene';
import type { BodyProps } from '@/types/props';

interface Props {
    body: BodyProps;
    scene: Scene;
    chosen: string | null;
}

/** What the features are called, above the rail in the side view; the chosen one by its whole name, the others by their ids. */
export function BodyLabels({ body, scene, chosen }: Props) {
    const labels = body.fixtures.map((one): Label => {
        const isChosen = one.id === chosen;
        const top = Math.max(...one.edges.map((edge) => edge[2] ?? 0));
        return {
            key: one.id,
            text: isChosen ? one.name : one.id,
            x: scene.x((one.front + one.rear) / 2),
            y: scene.sideY(top) - (isChosen ? 30 : 13),
            rank: isChosen ? 0 : one.kind === 'crack' ? 1 : 2,
            tone: isChosen ? 'now' : one.kind === 'crack' ? 'out' : 'plain',
        };
    });
    return (
        <g
            fontFamily="var(--font-head)"
            fontSize={14}
            fontWeight={500}
            paintOrder="stroke"
            stroke="var(--dye)"
            strokeWidth={4}
            strokeLinejoin="round"
            aria-hidden
        >
            {placeLabels(labels, [], scene.width)
                .filter((label) => scene.inSide(label.y))
                .map((label) => (
                    <text key={label.key} x={label.x} y={label.y} textAnchor="middle" fill={TONES[label.tone ?? 'plain']}>
                        {label.text}
                    </text>
                ))}
        </g>
    );
}

const TONES = { plain: 'var(--dye-soft)', out: 'var(--dye-out)', now: 'var(--now)' };
