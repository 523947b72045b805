import { useEffect, useRef, useState } from 'react';
import { FITTED, type View } from '@/shared/drawing/lib/scene';
import { zoomedAbout } from '@/shared/drawing/lib/zoomed-about';

/** Less than this is a tap and no drag (px). */
const TAP = 5;

/** Moving the drawing: the wheel and two fingers make it larger about where they are, one drags it, a key fits it. */
export function useView(element: HTMLElement | null) {
    const [view, setView] = useState<View>(FITTED);
    const pointers = useRef(new Map<number, { x: number; y: number }>());
    useEffect(() => {
        if (!element) return;
        const held = pointers.current;
        const at = (event: { clientX: number; clientY: number }) => {
            const box = element.getBoundingClientRect();
            return { x: event.clientX - box.left, y: event.clientY - box.top };
        };
        const onWheel = (event: WheelEvent) => {
            event.preventDefault();
            setView((now) => zoomedAbout(now, Math.exp(-event.deltaY / 400), at(event)));
        };
        let from: { x: number; y: number } | null = null;
        const onDown = (event: PointerEvent) => {
            if ((event.target as Element).closest('[data-grip], button')) return;
            held.set(event.pointerId, at(event));
            from = at(event);
        };
        const onMove = (event: PointerEvent) => {
            const before = held.get(event.pointerId);
            if (!before) return;
            const now = at(event);
            const other = [...held].find(([id]) => id !== event.pointerId)?.[1];
            if (!other && from && Math.hypot(now.x - from.x, now.y - from.y) < TAP) return;
            from = null;
            if (!element.hasPointerCapture(event.pointerId)) element.setPointerCapture(event.pointerId);
            held.set(event.pointerId, now);
            if (other) {
                const grown =
                    Math.hypot(now.x - other.x, now.y - other.y) / Math.max(1, Math.hypot(before.x - other.x, before.y - other.y));
                setView((was) => zoomedAbout(was, grown, { x: (now.x + other.x) / 2, y: (now.y + other.y) / 2 }));
            } else {
                setView((was) => ({ ...was, dx: was.dx + now.x - before.x, dy: was.zoom > 1 ? was.dy + now.y - before.y : 0 }));
            }
        };
        const onUp = (event: PointerEvent) => held.delete(event.pointerId);
        element.addEventListener('wheel', onWheel, { passive: false });
        element.addEventListener('pointerdown', onDown);
        element.addEventListener('pointermove', onMove);
        element.addEventListener('pointerup', onUp);
        element.addEventListener('pointercancel', onUp);
        return () => {
            element.removeEventListener('wheel', onWheel);
            element.removeEventListener('pointerdown', onDown);
            element.removeEventListener('pointermove', onMove);
            element.removeEventListener('pointerup', onUp);
            element.removeEventListener('pointercancel', onUp);
        };
    }, [element]);
    const zoom = (by: number) =>
        setView((now) => zoomedAbout(now, by, { x: (element?.clientWidth ?? 0) / 2, y: (element?.clientHeight ?? 0) / 2 }));
    return { view, isFitted: view === FITTED, fit: () => setView(FITTED), zoom };
}
