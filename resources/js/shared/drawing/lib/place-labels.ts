export interface Label {
    key: string;
    text: string;
    x: number;
    y: number;
    rank: number;
    anchor?: 'start' | 'middle' | 'end';
    tone?: 'plain' | 'out' | 'now';
    /** Of the side view. */
    isSide?: boolean;
}

interface Box {
    left: number;
    right: number;
    top: number;
    bottom: number;
}

const CHARACTER = 7.4;
const LINE = 15;

function box(label: Label): Box {
    const width = label.text.length * CHARACTER;
    const left = label.anchor === 'start' ? label.x : label.anchor === 'end' ? label.x - width : label.x - width / 2;
    return { left: left - 2, right: left + width + 2, top: label.y - LINE + 3, bottom: label.y + 3 };
}

function meet(a: Box, b: Box): boolean {
    return a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;
}

/** Labels that fit, the more important first; the others yield. Marks are kept clear, and the sheet's edges. */
export function placeLabels(labels: Label[], marks: { x: number; y: number }[] = [], width = Infinity): Label[] {
    const taken: Box[] = marks.map(({ x, y }) => ({ left: x - 6, right: x + 6, top: y - 6, bottom: y + 6 }));
    const placed: Label[] = [];
    for (const one of [...labels].sort((a, b) => a.rank - b.rank)) {
        const label = within(one, width);
        const wanted = box(label);
        if (!taken.some((other) => meet(other, wanted))) {
            taken.push(wanted);
            placed.push(label);
        }
    }
    return placed;
}

/** The label, shifted so far that it stays on the sheet. */
function within(label: Label, width: number): Label {
    const { left, right } = box(label);
    if (left < 0) return { ...label, x: label.x - left };
    return right > width ? { ...label, x: label.x - (right - width) } : label;
}
