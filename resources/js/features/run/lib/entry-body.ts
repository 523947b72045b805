/** Something for the log, as it was typed. */
export interface Draft {
    step: string;
    kind: 'begun' | 'done' | 'reopened' | 'run' | 'temperature' | 'note' | 'otherwise' | 'stop' | 'picture' | 'voice';
    text?: string;
    reading?: string;
    unit?: 'mm' | 'in';
    isSeenTo?: boolean;
    supersedes?: number;
    /** What a run was welded with. */
    run?: Record<string, string>;
    zone?: string;
    temperature?: string;
    /** Of the four corners, as the tool for twist takes them. */
    heights?: Record<string, unknown>;
    survey?: string;
    file?: File;
}

interface Written extends Draft {
    id: string;
    typedAt: number;
    seen: number;
    despite?: boolean;
}

/** What is sent of an entry. How long it waited is told, and not when it was written: clocks differ. */
export function asBody({ id, typedAt, ...draft }: Written): Record<string, unknown> | FormData {
    const body = { ...draft, clientId: id, waited: Math.max(0, (Date.now() - typedAt) / 1000) };
    if (!draft.file) return body;
    const form = new FormData();
    for (const [name, value] of Object.entries(body)) {
        if (value instanceof File) form.append(name, value);
        else if (typeof value === 'boolean') form.append(name, value ? '1' : '0');
        else if (typeof value === 'string' || typeof value === 'number') form.append(name, String(value));
    }
    return form;
}
