import { useEffect, useState } from 'react';
import { send } from '@/shared/lib/http';
import { path } from '@/shared/lib/path';
import type { PartDrawingProps, ToolProps } from '@/types/props';

/** Typing pauses this long before it is drawn again. */
const PAUSE_MS = 10;

/** What is drawn of the numbers as they are typed; the last drawing stands until the next is there, or while nothing can be worked out. */
export function useDrawn(tool: ToolProps, unit: 'mm' | 'in', values: Record<string, unknown>): PartDrawingProps[] {
    const [drawings, setDrawings] = useState<PartDrawingProps[]>([]);
    const typed = JSON.stringify(values);
    useEffect(() => {
        if (!tool.draws) return;
        const asked = new AbortController();
        const pause = setTimeout(() => {
            const body = { unit, values: JSON.parse(typed) as unknown };
            void send<PartDrawingProps[]>('POST', path('tool.drawings', { tool: tool.name }), body, { signal: asked.signal }).then(
                (answer) => {
                    if (!asked.signal.aborted && answer.state === 'ok') setDrawings(answer.body);
                },
            );
        }, PAUSE_MS);
        return () => {
            clearTimeout(pause);
            asked.abort();
        };
    }, [tool, unit, typed]);
    return drawings;
}
