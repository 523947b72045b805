import type { ReactNode } from 'react';
import type { Link, LinkEnd, Place } from '@/features/gear/lib/link-ends';

interface Props {
    links: Link[];
    /** As they are kept. */
    before: Link[];
    chosen: LinkEnd;
    wheels: Place[];
    shaft: [Place, Place] | null;
    /** Rearward and up; null where the links are parallel. */
    instantCentre: [number, number] | null;
    onChoose: (end: LinkEnd) => void;
    /** What stands below the first view. */
    children: ReactNode;
}

const WIDTH = 520;
const MARGIN = 34;

/** The links from the side and from above, front to the left; as they are kept in thin lines, as they are tried in thick ones. */
export function LinkDrawing(props: Props) {
    return (
        <div className="grid gap-3 sm:grid-cols-2">
            <div className="grid content-start gap-3">
                <View {...props} name="From the side, the ground below" flat={([x, , z]) => [x, -z]} isSide />
                {props.children}
            </div>
            <View {...props} name="From above, front to the left" flat={([x, y]) => [x, y]} isSide={false} />
        </div>
    );
}

interface ViewProps extends Omit<Props, 'children'> {
    name: string;
    /** A place on the paper, in mm. */
    flat: (place: Place) => readonly [number, number];
    isSide: boolean;
}

function View({ links, before, chosen, wheels, shaft, instantCentre, onChoose, name, flat, isSide }: ViewProps) {
    const rims = isSide
        ? wheels.flatMap(([x, y, r]): Place[] => [
              [x - r, y, 0],
              [x + r, y, 2 * r],
          ])
        : wheels;
    const all = [...links, ...before]
        .flatMap((link) => [link.frame, link.axle])
        .concat(rims, shaft ?? [])
        .map(flat);
    const [u0, u1] = [Math.min(...all.map((p) => p[0])), Math.max(...all.map((p) => p[0]))];
    const [v0, v1] = [Math.min(...all.map((p) => p[1])), Math.max(...all.map((p) => p[1]))];
    const scale = (WIDTH - 2 * MARGIN) / Math.max(1, u1 - u0, (v1 - v0) / 1.1);
    const at = (place: Place) => {
        const [u, v] = flat(place);
        return [MARGIN + (u - u0) * scale, MARGIN + 14 + (v - v0) * scale] as const;
    };
    const line = (from: Place, to: Place) => `M${at(from).join(' ')}L${at(to).join(' ')}`;
    const centre =
        isSide && instantCentre && instantCentre[0] >= u0 && instantCentre[0] <= u1 ? at([instantCentre[0], 0, instantCentre[1]]) : null;
    // What is chosen lies on top of what it covers from here.
    const inOrder = links.map((_, i) => i).sort((a, b) => Number(a === chosen.link) - Number(b === chosen.link));
    return (
        <svg
            viewBox={`0 0 ${WIDTH} ${Math.round((v1 - v0) * scale + 2 * MARGIN + 14)}`}
            className="block max-h-[62vh] w-full bg-dye"
            role="img"
            aria-label={name}
        >
            <Words at={[8, 18]}>{name.toLowerCase()}</Words>
            {isSide && <path d={`M0 ${at([0, 0, 0])[1]}H${WIDTH}`} stroke="var(--scribe)" strokeWidth={1} />}
            {wheels.map((wheel, i) => (
                <circle
                    key={i}
                    cx={at(wheel)[0]}
                    cy={at(wheel)[1]}
                    r={isSide ? wheel[2] * scale : 6}
                    stroke="var(--scribe)"
                    strokeWidth={1.2}
                    fill="none"
                />
            ))}
            {shaft && <path d={line(...shaft)} stroke="var(--dye-ink)" strokeWidth={2} strokeDasharray="10 4 2 4" />}
            {before.map((link, i) => (
                <path key={i} d={line(link.frame, link.axle)} stroke="var(--scribe)" strokeWidth={1.4} strokeDasharray="5 4" />
            ))}
            {inOrder.map((i) => {
                const link = links[i];
                return (
                    link && (
                        <g key={i}>
                            <path
                                d={line(link.frame, link.axle)}
                                stroke={i === chosen.link ? 'var(--now)' : 'var(--dye-ink)'}
                                strokeWidth={3}
                            />
                            {(['frame', 'axle'] as const).map((end) => (
                                <End
                                    key={end}
                                    at={at(link[end])}
                                    isChosen={i === chosen.link && end === chosen.end}
                                    onChoose={() => onChoose({ link: i, end })}
                                />
                            ))}
                        </g>
                    )
                );
            })}
            {centre && (
                <>
                    <path d={`M${centre[0] - 8} ${centre[1]}h16M${centre[0]} ${centre[1] - 8}v16`} stroke="var(--now)" strokeWidth={2} />
                    <Words at={[centre[0] + 10, centre[1] - 6]}>instant centre</Words>
                </>
            )}
        </svg>
    );
}

/** A bolt of a link: large enough for a glove, chosen by touch; by keyboard it is chosen in the list beside. */
function End({ at, isChosen, onChoose }: { at: readonly [number, number]; isChosen: boolean; onChoose: () => void }) {
    return (
        <g onClick={onChoose} className="cursor-pointer">
            <circle cx={at[0]} cy={at[1]} r={22} fill="transparent" />
            {isChosen && <circle cx={at[0]} cy={at[1]} r={11} stroke="var(--now)" strokeWidth={2.5} fill="none" />}
            <circle cx={at[0]} cy={at[1]} r={5} fill={isChosen ? 'var(--now)' : 'var(--dye-ink)'} />
        </g>
    );
}

function Words({ at, children }: { at: readonly [number, number]; children: string }) {
    return (
        <text x={at[0]} y={at[1]} fill="var(--dye-soft)" fontSize={14} fontFamily="var(--font-head)">
            {children}
        </text>
    );
}
