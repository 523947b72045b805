import type { DrawnPoint } from '@/shared/drawing/lib/drawn-points';
import { placeLabels, type Label } from '@/shared/drawing/lib/place-labels';
import type { Scene } from '@/shared/drawing/lib/scene';
import { useUnits } from '@/shared/hooks/units';
import { formatDeviation, type Unit } from '@/shared/lib/format';

const RANK = { out: 1, unsure: 3, unmeasured: 4, in: 5 };
const TONE = { plain: 'var(--dye-soft)', out: 'var(--dye-out)', now: 'var(--now)' };

/** Names of points, and what is out by how much; where they are crowded the less important yield. */
export function Labels({ drawn, chosen, scene }: { drawn: DrawnPoint[]; chosen: string[]; scene: Scene }) {
    const { unit } = useUnits();
    const marks = drawn.flatMap((one) => [one.plan, one.side]);
    const labels = placeLabels(
        [...headings(scene), ...drawn.flatMap((one) => labelsOf(one, chosen.includes(one.point.id), unit))],
        marks,
        scene.width,
    ).filter((label) => label.rank >= 0 && (label.isSide ? scene.inSide(label.y) : scene.inPlan(label.y)));
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
            {labels.map((label) => (
                <text key={label.key} x={label.x} y={label.y} textAnchor={label.anchor ?? 'middle'} fill={TONE[label.tone ?? 'plain']}>
                    {label.text}
                </text>
            ))}
        </g>
    );
}

/** What already stands on the sheet: the names of the views and, at the right, how much is enlarged. */
function headings({ sideTop, width }: Scene): Label[] {
    return [
        { key: 'plan', text: 'Plan from above, front left', x: 14, y: 24, anchor: 'start', rank: -1 },
        {
            key: 'side',
            text: width > 520 ? 'Left side, right rail dashed, △ carries the datum' : 'Left side, right rail dashed',
            x: 14,
            y: sideTop + 20,
            anchor: 'start',
            rank: -1,
        },
        ...[24, 31].map((y): Label => ({
            key: `enlarge ${y}`,
            text: 'deviation × 20   −     +',
            x: width - 2,
            y,
            anchor: 'end',
            rank: -1,
        })),
    ];
}

function labelsOf(one: DrawnPoint, isChosen: boolean, unit: Unit): Label[] {
    const { point, plan, side } = one;
    const left = point.side === 'left';
    const rank = isChosen ? 0 : RANK[point.verdict];
    const tone = isChosen ? 'now' : point.verdict === 'out' ? 'out' : 'plain';
    const labels: Label[] = [
        { key: point.id, text: point.id, x: plan.x, y: plan.y + (left ? (isChosen ? 26 : 21) : isChosen ? -15 : -11), rank, tone },
    ];
    if (isChosen) labels.push({ isSide: true, key: `${point.id} side`, text: point.id, x: side.x, y: side.y - 15, rank, tone });
    const [, dy = 0, dz = 0] = point.deviation ?? [];
    if (point.axes[1] === 'out') {
        labels.push({
            key: `${point.id} y`,
            text: `${formatDeviation(Math.abs(dy), unit, false)} ${dy > 0 ? 'right' : 'left'}`,
            x: plan.x,
            y: plan.y + (left ? 37 : -26),
            rank: rank + 0.5,
            tone: 'out',
        });
    }
    if (point.axes[2] === 'out') {
        labels.push({
            isSide: true,
            key: `${point.id} z`,
            text: `${formatDeviation(Math.abs(dz), unit, false)} ${dz > 0 ? 'high' : 'low'}`,
            x: side.x,
            y: side.y + (dz > 0 ? -12 : 22),
            rank: rank + 0.5,
            tone: 'out',
        });
    }
    return labels;
}
