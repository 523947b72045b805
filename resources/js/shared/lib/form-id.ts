import { router } from '@inertiajs/react';
import { newId } from '@/shared/lib/new-id';

/**
 * Gives every form that is posted an id: the same content sent twice from the same page carries the same one, so that a double press, or a
 * second try after a lost answer, is stored once.
 */
export function markForms() {
    let page = newId();
    const ids = new Map<string, string>();
    router.on('navigate', () => {
        page = newId();
        ids.clear();
    });
    router.on('before', (event) => {
        const { visit } = event.detail;
        if (visit.method !== 'post') return;
        const content = `${page} ${visit.url.href} ${contentOf(visit.data)}`;
        const id = ids.get(content) ?? newId();
        ids.set(content, id);
        visit.headers['X-Form-Id'] = id;
    });
}

function contentOf(data: unknown): string {
    if (!(data instanceof FormData)) return JSON.stringify(data, (_, value: unknown) => (value instanceof File ? fileOf(value) : value));
    return JSON.stringify([...data.entries()].map(([key, value]) => [key, value instanceof File ? fileOf(value) : value]));
}

function fileOf(file: File): string {
    return `${file.name} ${file.size} ${file.lastModified}`;
}
