import { useRef, useState } from 'react';
import { send } from '@/shared/lib/http';
import { newId } from '@/shared/lib/new-id';
import { path } from '@/shared/lib/path';
import type { RunSheetProps } from '@/types/props';

export interface Entry {
    step: string;
    kind: 'done' | 'reopened' | 'run' | 'note' | 'otherwise' | 'stop' | 'picture';
    text?: string;
    reading?: string;
    unit?: 'mm' | 'in';
    isSeenTo?: boolean;
    supersedes?: number;
    /** What a run was welded with, as typed. */
    run?: Record<string, string>;
    file?: File;
}

/** The run sheet with what is written into its log; an entry keeps its id until it is stored, so that sending it again stores it once. */
export function useRun(job: number, initial: RunSheetProps) {
    const [run, setRun] = useState(initial);
    const [trouble, setTrouble] = useState<{ step: string; message: string } | null>(null);
    const [busy, setBusy] = useState(false);
    const pending = useRef<{ key: string; id: string } | null>(null);
    const write = async (entry: Entry): Promise<boolean> => {
        const key = JSON.stringify(entry);
        if (pending.current?.key !== key) pending.current = { key, id: newId() };
        const body = { ...entry, clientId: pending.current.id };
        setBusy(true);
        const answer = await send<RunSheetProps>('POST', path('run.log', { job }), entry.file ? asForm(body) : body, {
            signal: AbortSignal.timeout(60_000),
        });
        setBusy(false);
        if (answer.state === 'ok') {
            pending.current = null;
            setRun(answer.body);
            setTrouble(null);
        } else if (answer.state !== 'nothing') setTrouble({ step: entry.step, message: answer.message });
        return answer.state === 'ok';
    };
    const change = async (method: 'POST' | 'DELETE', to: string, body: unknown): Promise<boolean> => {
        const answer = await send<RunSheetProps>(method, to, body);
        if (answer.state === 'ok') setRun(answer.body);
        setTrouble(answer.state === 'ok' || answer.state === 'nothing' ? null : { step: '', message: answer.message });
        return answer.state === 'ok';
    };
    return { run, trouble, busy, write, change };
}

function asForm(body: Record<string, unknown>): FormData {
    const form = new FormData();
    for (const [name, value] of Object.entries(body))
        if (value !== undefined) form.append(name, value instanceof File ? value : String(value));
    return form;
}
