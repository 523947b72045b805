import { useCallback, useEffect, useRef, useState } from 'react';
import type { Queued } from '@/offline/outbox-store';
import { useOutbox } from '@/offline/use-outbox';
import { asBody, type Draft } from '@/features/run/lib/entry-body';
import { send } from '@/shared/lib/http';
import { newId } from '@/shared/lib/new-id';
import { path } from '@/shared/lib/path';
import type { RunSheetProps } from '@/types/props';

/** An entry that was written down here. */
export interface Entry extends Queued, Draft {
    /** The latest entry that its writer knew of. */
    seen: number;
    despite?: boolean;
}

const NEWS_EVERY_MS = 8000;

/**
 * The run sheet with what is written into its log. What is written is kept in this browser first and sent then, so that it may be written
 * without a network; a refusal of something that was sent at once is said at its step, one of something that waited stands aside.
 */
export function useRun(job: number, person: number, initial: RunSheetProps) {
    const [run, setRun] = useState(initial);
    const [trouble, setTrouble] = useState<{ step: string; message: string } | null>(null);
    const [silent, setSilent] = useState(false);
    const [busy, setBusy] = useState(false);
    const latest = useRef(initial);
    const asked = useRef(new Map<string, (isTaken: boolean) => void>());
    const answer = useCallback((id: string, isTaken: boolean) => {
        asked.current.get(id)?.(isTaken);
        return asked.current.delete(id);
    }, []);
    const take = useCallback((next: RunSheetProps) => {
        // An answer may be overtaken by a later one.
        if (next.latest < latest.current.latest) return;
        latest.current = next;
        setRun(next);
    }, []);

    const outbox = useOutbox<Entry, RunSheetProps>({
        queue: `${person} ${path('run.log', { job })}`,
        send: async (entry) => {
            const said = await send<RunSheetProps>('POST', path('run.log', { job }), asBody(entry), {
                signal: AbortSignal.timeout(60_000),
            });
            setSilent(said.state === 'unreachable');
            if (said.state === 'unreachable') for (const id of [...asked.current.keys()]) answer(id, true);
            return said;
        },
        onOutcome: (outcome) => {
            if (outcome.state === 'stored') {
                setTrouble(null);
                take(outcome.body);
                answer(outcome.entry.id, true);
                return undefined;
            }
            if (!answer(outcome.entry.id, false)) return undefined;
            setTrouble({ step: outcome.entry.step, message: outcome.message });
            return 'taken';
        },
    });

    useEffect(() => {
        const ask = async () => {
            if (document.visibilityState !== 'visible') return;
            const news = await send<RunSheetProps>('GET', `${path('run.state', { job })}?since=${latest.current.state}`);
            setSilent(news.state === 'unreachable');
            if (news.state === 'ok') take(news.body);
        };
        const timer = setInterval(() => void ask(), NEWS_EVERY_MS);
        return () => clearInterval(timer);
    }, [job, take]);

    /** Whether it was stored, or is kept here until it can be. */
    const write = async (draft: Draft): Promise<boolean> => {
        setBusy(true);
        const id = newId();
        const taken = new Promise<boolean>((resolve) => asked.current.set(id, resolve));
        await outbox.post({ ...draft, id, typedAt: Date.now(), seen: latest.current.latest });
        const isTaken = await taken;
        setBusy(false);
        return isTaken;
    };
    const change = async (method: 'POST' | 'DELETE', to: string, body: unknown): Promise<boolean> => {
        const said = await send<RunSheetProps>(method, to, body);
        if (said.state === 'ok') {
            latest.current = said.body;
            setRun(said.body);
        }
        setTrouble(said.state === 'ok' || said.state === 'nothing' ? null : { step: '', message: said.message });
        return said.state === 'ok';
    };
    return { run, trouble, silent, busy, write, change, outbox };
}
