/** Steps of the keys (mm). */
const ARROW = 10;
const FINE = 1;
const PAGE = 100;

interface Pressed {
    key: string;
    shiftKey: boolean;
    altKey: boolean;
}

/** Where the keys of a slider move a cut to (WAI-ARIA Authoring Practices, slider): null for any other key. Alt is fine, Shift a page. */
export function stationByKey({ key, shiftKey, altKey }: Pressed, at: number, [from, to]: [number, number]): number | null {
    const step = shiftKey ? PAGE : altKey ? FINE : ARROW;
    const moves: Record<string, number> = {
        ArrowRight: at + step,
        ArrowUp: at + step,
        ArrowLeft: at - step,
        ArrowDown: at - step,
        PageUp: at + PAGE,
        PageDown: at - PAGE,
        Home: from,
        End: to,
    };
    const next = moves[key];
    return next === undefined ? null : Math.max(from, Math.min(to, Math.round(next)));
}
