import { FITTED, type View } from '@/shared/drawing/lib/scene';

const MOST = 40;

/** The view made larger, what lies under a place of the sheet (px) staying there; no smaller than fitted. */
export function zoomedAbout(view: View, by: number, at: { x: number; y: number }): View {
    const zoom = Math.min(MOST, view.zoom * by);
    if (zoom <= 1) return FITTED;
    const grown = zoom / view.zoom;
    // The two views keep their middles, so that only the station follows the pointer exactly.
    return { zoom, dx: at.x - (at.x - view.dx) * grown, dy: view.dy * grown };
}
