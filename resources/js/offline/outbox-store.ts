import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

/** Something that waits to be sent. */
export interface Queued {
    /** Made here: however often it is sent, it is stored once. */
    id: string;
    /** When it was written, so that a reload keeps the order. */
    typedAt: number;
    /** Why the server does not take it: it stands aside, and the others go on. */
    aside?: string | undefined;
}

interface Schema extends DBSchema {
    outbox: { key: string; value: { id: string; queue: string; entry: Queued }; indexes: { queue: string } };
}

let opened: Promise<IDBPDatabase<Schema>> | null = null;

function store(): Promise<IDBPDatabase<Schema>> {
    opened ??= openDB<Schema>('geodex', 1, {
        upgrade: (db) => void db.createObjectStore('outbox', { keyPath: 'id' }).createIndex('queue', 'queue'),
        // A browser may end it; the next use opens it again.
        terminated: () => (opened = null),
    });
    return opened;
}

/** Resolves once the entry is on the disk of this browser. */
export async function keepEntry(queue: string, entry: Queued): Promise<void> {
    await (await store()).put('outbox', { id: entry.id, queue, entry });
}

export async function dropEntry(id: string): Promise<void> {
    await (await store()).delete('outbox', id);
}

/** What waits in a queue, in the order it was written. */
export async function waitingIn<E extends Queued>(queue: string): Promise<E[]> {
    const rows = await (await store()).getAllFromIndex('outbox', 'queue', queue);
    return rows.map((row) => row.entry as E).sort((a, b) => a.typedAt - b.typedAt);
}
