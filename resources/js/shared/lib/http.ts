/** What a request came back with: the answer, a refusal that says why, or no answer at all. */
export type Answer<T> =
    | { state: 'ok'; body: T }
    | { state: 'nothing' }
    | { state: 'refused'; message: string; fields: Record<string, string> }
    | { state: 'unreachable'; message: string; login: boolean };

interface Failure {
    message?: string;
    errors?: Record<string, string[]>;
    problems?: { path: string; message: string }[];
}

const SILENT = 'The server does not answer. What you typed is kept here and sent again by itself.';
const EXPIRED = 'Your session has ended. Log in again; what you typed is kept here.';

function token(): string {
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
    signal?: AbortSignal,
): Promise<Answer<T>> {
    let response: Response;
    try {
        response = await fetch(url, {
            method,
            headers: {
                Accept: 'application/json',
                'Content-Type': 'application/json',
                'X-XSRF-TOKEN': token(),
                'X-Requested-With': 'XMLHttpRequest',
            },
            body: body === undefined ? undefined : JSON.stringify(body),
            signal: signal ?? AbortSignal.timeout(15_000),
        });
        if (response.status === 204) return { state: 'nothing' };
        const json = (await response.json()) as T & Failure;
        if (response.ok) return { state: 'ok', body: json };
        if (response.status === 401 || response.status === 419) return { state: 'unreachable', message: EXPIRED, login: true };
        if (response.status === 403)
            return refused({ message: 'Your role may look at this, not change it. Ask the owner of the workshop.' });
        if (response.status >= 500)
            return { state: 'unreachable', message: json.message && response.status === 503 ? json.message : SILENT, login: false };
        return refused(json);
    } catch {
        return { state: 'unreachable', message: SILENT, login: false };
    }
}
