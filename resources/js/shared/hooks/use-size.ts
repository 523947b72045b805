import { useEffect, useState } from 'react';

/** The size of an element as it is laid out, from the moment it appears. */
export function useSize<T extends HTMLElement>() {
    const [element, ref] = useState<T | null>(null);
    const [size, setSize] = useState({ width: 0, height: 0 });
    useEffect(() => {
        if (!element) return;
        const observer = new ResizeObserver(([entry]) => {
            if (entry) setSize({ width: entry.contentRect.width, height: entry.contentRect.height });
        });
        observer.observe(element);
        return () => observer.disconnect();
    }, [element]);
    return { ref, element, ...size };
}
