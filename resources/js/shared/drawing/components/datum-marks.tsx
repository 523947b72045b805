import type { DrawnPoint } from '@/shared/drawing/lib/drawn-points';
import type { Scene } from '@/shared/drawing/lib/scene';

/** A foot under each point that carries the datum; broken where the point is in doubt or left out. */
export function DatumMarks({ drawn, scene }: { drawn: DrawnPoint[]; scene: Scene }) {
    return (
        <g fill="none" strokeWidth={1.6} aria-hidden>
            {drawn.flatMap(({ point, side }) => {
                if (point.datum === 'no' || !scene.inSide(side.y)) return [];
                const carries = point.datum === 'carries';
                return [
                    <path
                        key={point.id}
                        d={
                            carries
                                ? `M${side.x} ${side.y + 7}l-6 9h12zM${side.x - 9} ${side.y + 19}h18`
                                : `M${side.x - 6} ${side.y + 8}l12 10M${side.x + 6} ${side.y + 8}l-12 10M${side.x - 9} ${side.y + 21}h5M${side.x + 4} ${side.y + 21}h5`
                        }
                        stroke={carries ? 'var(--dye-soft)' : 'var(--dye-unsure)'}
                    />,
                ];
            })}
        </g>
    );
}
