/**
 * What a request came back with: the answer, a refusal that says why (one that sending again does not change), or no answer at all, which
 * time may mend.
 */
export type Answer<T> =
    | { state: 'ok'; body: T }
    | { state: 'nothing' }
    | { state: 'refused'; message: string; fields: Record<string, string> }
    | { state: 'unreachable'; message: string; login: boolean };

interface Failure {
    message?: string;
    errors?: Record<string, string[]>;
    problems?: { path: string; message: string }[];
    code?: string;
    revision?: string;
    differences?: Difference[];
}

/** Where what is stored differs from what was to be saved. */
export interface Difference {
    what: string;
    theirs: string;
    mine: string;
}

/** What a person decides about a save that came too late. */
export type Decision = 'mine' | 'later';

type Decide = (message: string, differences: Difference[]) => Promise<Decision>;

let decide: Decide | null = null;

/** The sheet that asks; there is one for all forms. */
export function onStale(ask: Decide) {
    decide = ask;
}

interface Options {
    signal?: AbortSignal;
    /** Revision that what is saved was read at. */
    revision?: string;
    /** Of a form that is stored once, however often it is sent. */
    form?: string;
}

const SILENT = 'The server does not answer. What you typed is kept here and sent again by itself.';
const FAILED = 'The server failed on this; its log says why. Nothing was stored.';
const TOO_LARGE = 'That is more than the server takes at once.';
const EXPIRED = 'Your session has ended. Log in again; what you typed is kept here.';

/** Nobody is there, or too many at once: the same request may do better later. */
const AWAY = [429, 502, 503, 504];

/** What the server asks for with every request that changes something. */
export function token(): string {
    const cookie = document.cookie.split('; ').find((entry) => entry.startsWith('XSRF-TOKEN='));
    return decodeURIComponent(cookie?.slice('XSRF-TOKEN='.length) ?? '');
}

function refused(failure: Failure): Answer<never> {
    const fields: Record<string, string> = {};
    for (const [field, messages] of Object.entries(failure.errors ?? {})) fields[field] = messages[0] ?? '';
    for (const problem of failure.problems ?? []) fields[problem.path] = problem.message;
    return { state: 'refused', message: Object.values(failure.errors ?? {})[0]?.[0] ?? failure.message ?? 'That was not taken.', fields };
}

export async function send<T>(
    method: 'GET' | 'POST' | 'PUT' | 'DELETE',
    url: string,
    body?: unknown,
    { signal, revision, form }: Options = {},
): Promise<Answer<T>> {
    let response: Response;
    try {
        response = await fetch(url, {
            method,
            headers: {
                Accept: 'application/json',
                // A form with a file in it says itself where its parts end.
                ...(!(body instanceof FormData) && { 'Content-Type': 'application/json' }),
                'X-XSRF-TOKEN': token(),
                'X-Requested-With': 'XMLHttpRequest',
                ...(revision && { 'X-Revision': revision }),
                ...(form && { 'X-Form-Id': form }),
            },
            body: body === undefined ? undefined : body instanceof FormData ? body : JSON.stringify(body),
            signal: signal ?? AbortSignal.timeout(15_000),
        });
        if (response.status === 204) return { state: 'nothing' };
        // A failing server may answer with a page instead of JSON.
        const json = (await response.json().catch(() => ({}))) as T & Failure;
        if (response.ok) return { state: 'ok', body: json };
        if (response.status === 401 || response.status === 419) return { state: 'unreachable', message: EXPIRED, login: true };
        if (response.status === 403)
            return refused({ message: 'Your role may look at this, not change it. Ask the owner of the workshop.' });
        if (response.status === 409 && json.code === 'stale' && decide) {
            const decision = await decide(json.message ?? '', json.differences ?? []);
            if (decision === 'mine') return await send<T>(method, url, body, { signal, form, revision: json.revision });
        }
        if (response.status === 413) return refused({ message: TOO_LARGE });
        if (AWAY.includes(response.status)) return { state: 'unreachable', message: json.message ?? SILENT, login: false };
        return refused(response.status >= 500 ? { message: FAILED } : json);
    } catch {
        return { state: 'unreachable', message: SILENT, login: false };
    }
}
