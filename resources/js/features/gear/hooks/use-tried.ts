import { useEffect, useState } from 'react';
import { send } from '@/shared/lib/http';
import { path } from '@/shared/lib/path';
import { typedValues } from '@/shared/lib/typed';
import type { ToolProps, TriedProps, WorksheetProps } from '@/types/props';

/** What other numbers would do to a sheet, asked anew whenever they change; the last answer stands until the next is there. */
export function useTried(job: number, tool: ToolProps, sheet: WorksheetProps, values: Record<string, unknown>) {
    const [tried, setTried] = useState<TriedProps | null>(null);
    const [trouble, setTrouble] = useState<string | null>(null);
    const [isAsking, setAsking] = useState(false);
    useEffect(() => {
        const asked = new AbortController();
        const ask = async () => {
            setAsking(true);
            const body = { tool: tool.name, title: sheet.title, unit: 'mm', values: typedValues(tool.fields, values, 'mm') };
            const answer = await send<TriedProps>('POST', path('gear.try', { job, worksheet: sheet.id }), body, { signal: asked.signal });
            if (asked.signal.aborted) return;
            setAsking(false);
            if (answer.state === 'ok') setTried(answer.body);
            setTrouble(answer.state === 'ok' || answer.state === 'nothing' ? null : answer.message);
        };
        void ask();
        return () => asked.abort();
    }, [job, tool, sheet.id, sheet.title, values]);
    return { tried, trouble, isAsking };
}
