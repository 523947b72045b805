import type { SurveyedPointProps } from '@/types/props';

export type Corner = [number, number];
export type View = 'free' | 'side' | 'above';

export const VIEWS: { value: View; label: string }[] = [
    { value: 'side', label: 'Points from the side' },
    { value: 'above', label: 'Points from above' },
    { value: 'free', label: 'Empty sheet' },
];

/** An empty sheet shows this much, mm. */
const SHEET = { width: 800, height: 400 };

interface Seen {
    points: { id: string; at: Corner }[];
    box: { x: number; y: number; width: number; height: number };
    /** Side of a square, mm. */
    grid: number;
    lines: string;
    /** The point within reach of a tap, or the tap itself on whole millimetres. */
    caught: (tap: Corner, reach: number) => Corner;
}

/** What is seen of the surveyed points in one direction, so many times nearer: rearward to the right; up, or left, upward. */
export function sight(surveyed: SurveyedPointProps[], view: View, nearer: number, about: Corner | null): Seen {
    const points =
        view === 'free'
            ? []
            : surveyed.filter((one) => view === 'above' || one.isInSpace).map((one) => ({ id: one.id, at: flat(one, view) }));
    const box = within(points.length < 2 ? { x: 0, y: 0, ...SHEET } : around(points.map((one) => one.at)), nearer, about);
    const grid = 10 ** Math.floor(Math.log10(box.width / 4));
    return {
        points,
        box,
        grid,
        lines: squares(box, grid),
        caught: (tap, reach) => {
            const near = points
                .map((one) => ({ at: one.at, far: Math.hypot(one.at[0] - tap[0], one.at[1] - tap[1]) }))
                .filter((one) => one.far <= reach);
            const nearest = near.sort((a, b) => a.far - b.far)[0];
            return nearest ? nearest.at : [Math.round(tap[0]), Math.round(tap[1])];
        },
    };
}

function flat(point: SurveyedPointProps, view: View): Corner {
    const [x = 0, y = 0, z = 0] = point.at;
    return view === 'side' ? [x, z] : [x, -y];
}

function around(places: Corner[]): Seen['box'] {
    const [xs, ys] = [places.map(([x]) => x), places.map(([, y]) => y)];
    const margin = Math.max(Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys), 100) / 12;
    const [x, y] = [Math.min(...xs) - margin, Math.min(...ys) - margin];
    return { x, y, width: Math.max(...xs) + margin - x, height: Math.max(...ys) + margin - y };
}

/** So many times nearer, about a corner or its middle. */
function within(box: Seen['box'], nearer: number, about: Corner | null): Seen['box'] {
    const [width, height] = [box.width / nearer, box.height / nearer];
    const [x, y] = nearer > 1 && about ? about : [box.x + box.width / 2, box.y + box.height / 2];
    return { x: x - width / 2, y: y - height / 2, width, height };
}

function squares(box: Seen['box'], grid: number): string {
    const lines: string[] = [];
    for (let x = Math.ceil(box.x / grid) * grid; x <= box.x + box.width; x += grid) lines.push(`M${x} ${-box.y}V${-box.y - box.height}`);
    for (let y = Math.ceil(box.y / grid) * grid; y <= box.y + box.height; y += grid) lines.push(`M${box.x} ${-y}H${box.x + box.width}`);
    return lines.join('');
}
