import { useCallback, useEffect, useRef, useState } from 'react';
import { send } from '@/shared/lib/http';
import type { SurveyProps } from '@/types/props';

export interface Entry {
    id: string;
    call: string;
    unit: 'mm' | 'in';
    supersedes: string | null;
    instrument: number | null;
    /** When it was typed, so that a reload keeps the order. */
    typedAt: number;
    /** Why the server does not take it: it stands aside, and the others go on. */
    aside?: string;
}

interface Stored {
    survey: SurveyProps;
    stored: string;
}

export type Outcome = { state: 'stored'; entry: Entry; survey: SurveyProps } | { state: 'refused'; entry: Entry; message: string };

/** What becomes of an outcome: 'taken' where a refused entry is back in the hands of its person. */
type OnOutcome = (outcome: Outcome) => 'taken' | undefined;

const AGAIN_AFTER_MS = 4000;

/**
 * Readings on their way to the server, in order. Each stays in this browser until the server has stored it, so that neither
 * a lost network, a lost database nor an ended session loses one; its id makes a repeated send harmless. Each has an entry
 * of its own, so that two windows do not overwrite each other, under its person, so that nobody sends another's. What the server cannot
 * take stands aside with its reason until it is edited or dropped.
 */
export function useOutbox(url: string, person: number, onOutcome: OnOutcome) {
    const prefix = `geodex.outbox.${person}.${url}.`;
    const [waiting, setWaiting] = useState<Entry[]>(() => restore(prefix));
    const [trouble, setTrouble] = useState<{ message: string; login: boolean } | null>(null);
    const queue = useRef(waiting);
    const first = () => queue.current.find((entry) => entry.aside === undefined);
    const busy = useRef(false);
    const outcome = useRef(onOutcome);
    useEffect(() => {
        outcome.current = onOutcome;
    });

    const keep = useCallback((entries: Entry[]) => {
        queue.current = entries;
        setWaiting(entries);
    }, []);

    const flush = useCallback(async () => {
        if (busy.current) return;
        busy.current = true;
        for (let entry = first(); entry; entry = first()) {
            const answer = await send<Stored>('POST', url, entry);
            if (answer.state === 'unreachable') {
                setTrouble(answer);
                break;
            }
            setTrouble(null);
            const done = entry;
            const taken =
                answer.state === 'refused'
                    ? outcome.current({ state: 'refused', entry: done, message: answer.message })
                    : answer.state === 'ok'
                      ? outcome.current({ state: 'stored', entry: done, survey: answer.body.survey })
                      : undefined;
            if (answer.state === 'refused' && taken !== 'taken') {
                const aside = { ...done, aside: answer.message };
                localStorage.setItem(prefix + done.id, JSON.stringify(aside));
                keep(queue.current.map((one) => (one.id === done.id ? aside : one)));
                continue;
            }
            localStorage.removeItem(prefix + done.id);
            keep(queue.current.filter((one) => one.id !== done.id));
        }
        busy.current = false;
    }, [url, prefix, keep]);

    useEffect(() => {
        const timer = setInterval(() => void (first() && flush()), AGAIN_AFTER_MS);
        return () => clearInterval(timer);
    }, [flush]);

    const post = useCallback(
        (entry: Entry) => {
            localStorage.setItem(prefix + entry.id, JSON.stringify(entry));
            keep([...queue.current, entry]);
            void flush();
        },
        [flush, keep, prefix],
    );

    const drop = useCallback(
        (entry: Entry) => {
            localStorage.removeItem(prefix + entry.id);
            keep(queue.current.filter((one) => one.id !== entry.id));
        },
        [keep, prefix],
    );

    return {
        waiting: waiting.filter((entry) => entry.aside === undefined),
        aside: waiting.filter((entry) => entry.aside !== undefined),
        trouble,
        post,
        flush,
        drop,
    };
}

function restore(prefix: string): Entry[] {
    const entries: Entry[] = [];
    for (const key of Object.keys(localStorage)) {
        if (!key.startsWith(prefix)) continue;
        try {
            entries.push(JSON.parse(localStorage.getItem(key) ?? '') as Entry);
        } catch {
            localStorage.removeItem(key);
        }
    }
    return entries.sort((a, b) => a.typedAt - b.typedAt);
}
