import { useCallback, useEffect, useRef, useState } from 'react';
import { dropEntry, keepEntry, waitingIn, type Queued } from '@/offline/outbox-store';
import type { Answer } from '@/shared/lib/http';

export type Outcome<E, A> = { state: 'stored'; entry: E; body: A } | { state: 'refused'; entry: E; message: string };

interface Options<E, A> {
    /** Names what waits here; it holds the person, so that nobody sends another’s. */
    queue: string;
    send: (entry: E) => Promise<Answer<A>>;
    /** What becomes of an outcome: 'taken' where a refused entry is back in the hands of its person. */
    onOutcome: (outcome: Outcome<E, A>) => 'taken' | undefined;
}

const AGAIN_AFTER_MS = 4000;

/**
 * Entries on their way to the server, in order. Each stays in this browser until the server has stored it, so that neither a lost network, a
 * lost database nor an ended session loses one; its id makes a repeated send harmless. Each is kept by itself, so that two windows do not
 * overwrite each other. What the server cannot take stands aside with its reason until it is put right or dropped.
 */
export function useOutbox<E extends Queued, A>(options: Options<E, A>) {
    const { queue } = options;
    const [entries, setEntries] = useState<E[]>([]);
    const [trouble, setTrouble] = useState<{ message: string; login: boolean } | null>(null);
    const latest = useRef(options);
    const held = useRef<E[]>([]);
    const busy = useRef(false);
    useEffect(() => {
        latest.current = options;
    });

    const show = useCallback((now: E[]) => {
        held.current = now;
        setEntries(now);
    }, []);
    const without = useCallback(
        async (entry: E) => {
            show(held.current.filter((one) => one.id !== entry.id));
            await dropEntry(entry.id);
        },
        [show],
    );
    const first = () => held.current.find((entry) => entry.aside === undefined);

    const flush = useCallback(async () => {
        if (busy.current) return;
        busy.current = true;
        try {
            for (let entry = first(); entry; entry = first()) {
                const answer = await latest.current.send(entry);
                if (answer.state === 'unreachable') {
                    setTrouble(answer);
                    break;
                }
                setTrouble(null);
                const done = entry;
                if (
                    answer.state === 'refused' &&
                    latest.current.onOutcome({ state: 'refused', entry: done, message: answer.message }) !== 'taken'
                ) {
                    const aside = { ...done, aside: answer.message };
                    show(held.current.map((one) => (one.id === done.id ? aside : one)));
                    await keepEntry(queue, aside);
                    continue;
                }
                // What it came to is shown before it stops waiting: nothing that hangs on it goes away in between.
                if (answer.state === 'ok') latest.current.onOutcome({ state: 'stored', entry: done, body: answer.body });
                await without(done);
            }
        } finally {
            busy.current = false;
        }
    }, [queue, show, without]);

    useEffect(() => {
        let stopped = false;
        // What waits already was written before anything that is typed now.
        void waitingIn<E>(queue).then((kept) => {
            const known = new Set(held.current.map((one) => one.id));
            if (!stopped) show([...kept.filter((one) => !known.has(one.id)), ...held.current]);
            if (!stopped) void flush();
        });
        const timer = setInterval(() => void (first() && flush()), AGAIN_AFTER_MS);
        const back = () => void flush();
        window.addEventListener('online', back);
        return () => {
            stopped = true;
            clearInterval(timer);
            window.removeEventListener('online', back);
        };
    }, [queue, show, flush]);

    /** Resolves once the entry cannot be lost any more; it is sent after that. */
    const post = useCallback(
        async (entry: E) => {
            show([...held.current.filter((one) => one.id !== entry.id), entry]);
            try {
                await keepEntry(queue, entry);
            } catch {
                setTrouble({ message: 'This browser keeps nothing: do not close it before what waits is sent.', login: false });
            }
            void flush();
        },
        [flush, show, queue],
    );

    return {
        waiting: entries.filter((entry) => entry.aside === undefined),
        aside: entries.filter((entry) => entry.aside !== undefined),
        trouble,
        post,
        flush,
        drop: without,
    };
}
