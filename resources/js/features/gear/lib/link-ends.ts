export type Place = [number, number, number];

export interface Link {
    id: string;
    frame: Place;
    axle: Place;
}

/** One end of a link. */
export interface LinkEnd {
    link: number;
    end: 'frame' | 'axle';
}

/** Places that stand nearer to the mirror image are a pair (mm). */
const PAIR_MM = 1;

/** The links of a sheet as it is kept; what is no place is left out. */
export function linksOf(values: Record<string, unknown>): Link[] {
    const links = Array.isArray(values.links) ? (values.links as Record<string, unknown>[]) : [];
    return links.flatMap((link, i) =>
        isPlace(link.frame) && isPlace(link.axle)
            ? [{ id: typeof link.id === 'string' && link.id ? link.id : `link${i + 1}`, frame: link.frame, axle: link.axle }]
            : [],
    );
}

function isPlace(value: unknown): value is Place {
    return Array.isArray(value) && value.length === 3 && value.every((one) => typeof one === 'number');
}

/** The same end of the link on the other side, if there is one. */
export function partner(links: Link[], at: LinkEnd): LinkEnd | null {
    const place = links[at.link]?.[at.end];
    if (!place || Math.abs(place[1]) < PAIR_MM) return null;
    const mirrored: Place = [place[0], -place[1], place[2]];
    const link = links.findIndex(
        (one, i) => i !== at.link && one[at.end].every((x, axis) => Math.abs(x - (mirrored[axis] ?? 0)) < PAIR_MM),
    );
    return link < 0 ? null : { link, end: at.end };
}

/** With one end moved, and its partner likewise where both are moved together. */
export function moved(links: Link[], at: LinkEnd, by: Place, together: boolean): Link[] {
    const other = together ? partner(links, at) : null;
    return links.map((link, i) => {
        if (i === at.link) return { ...link, [at.end]: link[at.end].map((x, axis) => x + (by[axis] ?? 0)) as Place };
        if (i === other?.link)
            return { ...link, [at.end]: link[at.end].map((x, axis) => x + (by[axis] ?? 0) * (axis === 1 ? -1 : 1)) as Place };
        return link;
    });
}

/** What a key moves: along, across, up; null for keys that move nothing. */
export function moveOf(key: string, step: number): Place | null {
    const moves: Record<string, Place> = {
        ArrowLeft: [-step, 0, 0],
        ArrowRight: [step, 0, 0],
        ArrowUp: [0, 0, step],
        ArrowDown: [0, 0, -step],
        PageUp: [0, -step, 0],
        PageDown: [0, step, 0],
    };
    return moves[key] ?? null;
}
