import { BodyFixture } from '@/shared/drawing/components/body-fixture';
import type { Scene } from '@/shared/drawing/lib/scene';
import type { BodyProps, BodyRailProps } from '@/types/props';

interface Props {
    body: BodyProps;
    scene: Scene;
    chosen?: string | null;
    onChoose?: ((id: string) => void) | undefined;
    /** Drawn behind another one, as it was. */
    isFaint?: boolean;
}

const DASHES = {
    brake: '',
    fuel: '10 3',
    air: '4 3',
    loom: '1.5 3',
    cable: '8 3 1.5 3',
    exhaust: '14 4',
    shaft: '18 4 4 4',
    hose: '4 6',
    other: '6 6',
};

/** The frame as metal: rails with their depth and width, what is fastened to them, what runs along. */
export function Body({ body, scene, chosen = null, onChoose, isFaint = false }: Props) {
    return (
        <g opacity={isFaint ? 0.6 : 1}>
            <g fill="var(--dye-deep)" stroke="var(--scribe)" strokeWidth={1} aria-hidden>
                {body.rails.map((rail) => (
                    <Rail key={`${rail.id} ${rail.side}`} rail={rail} scene={scene} />
                ))}
            </g>
            <g fill="none" stroke="var(--dye-soft)" strokeWidth={1.2} aria-hidden>
                {body.lines.map((line) => {
                    const dash = DASHES[line.kind as keyof typeof DASHES] || undefined;
                    const points = (view: (place: number[]) => number) =>
                        line.path.map((place) => `${scene.x(place[0] ?? 0)},${view(place)}`).join(' ');
                    return (
                        <g key={line.id} opacity={chosen === null || chosen === line.id ? 0.9 : 0.45}>
                            <polyline
                                clipPath={scene.planClip}
                                points={points((place) => scene.planY(place[1] ?? 0))}
                                strokeDasharray={dash}
                            />
                            {chosen === line.id && (
                                <polyline
                                    clipPath={scene.sideClip}
                                    points={points((place) => scene.sideY(place[2] ?? 0))}
                                    strokeDasharray={dash}
                                    stroke="var(--now)"
                                />
                            )}
                        </g>
                    );
                })}
            </g>
            {body.fixtures.map((fixture) => (
                <BodyFixture key={fixture.id} fixture={fixture} scene={scene} isChosen={fixture.id === chosen} onChoose={onChoose} />
            ))}
        </g>
    );
}

function Rail({ rail, scene }: { rail: BodyRailProps; scene: Scene }) {
    const along = (part: number, y: (mm: number) => number) => rail.knots.map((knot) => `${scene.x(knot[0] ?? 0)},${y(knot[part] ?? 0)}`);
    const area = (a: number, b: number, y: (mm: number) => number) => [...along(a, y), ...along(b, y).reverse()].join(' ');
    const isRight = rail.side === 'right';
    return (
        <>
            <polygon clipPath={scene.planClip} points={area(1, 2, scene.planY)} fillOpacity={rail.isBoxed ? 1 : 0.55} />
            <polyline clipPath={scene.planClip} points={along(1, scene.planY).join(' ')} fill="none" strokeWidth={2.2} />
            <polygon
                clipPath={scene.sideClip}
                points={area(3, 4, scene.sideY)}
                fill={isRight ? 'none' : undefined}
                strokeDasharray={isRight ? '7 4' : undefined}
            />
        </>
    );
}
