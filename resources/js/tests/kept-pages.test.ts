import { describe, expect, it } from 'vitest';
import { asBody } from '@/features/run/lib/entry-body';
import { isKept, keyOf, mayBeKept, PICTURE } from '@/offline/kept-pages';

describe('pages that are kept for working without a network', () => {
    it('are the run sheet and the survey, and nothing else', () => {
        for (const path of ['/jobs/12/run', '/jobs/12/surveys/before']) expect(isKept(path)).toBe(true);
        for (const path of ['/jobs', '/jobs/12/plan', '/jobs/12/run/log', '/jobs/12/surveys/before/findings', '/people', '/login'])
            expect(isKept(path)).toBe(false);
        expect(PICTURE.test('/jobs/12/parts/photo/3.jpg')).toBe(true);
    });

    it('are kept apart from the data of the same page', () => {
        const page = new Request('https://geodex.example/jobs/12/run?x=1');
        const data = new Request('https://geodex.example/jobs/12/run', { headers: { 'X-Inertia': 'true' } });
        expect(keyOf(page)).toBe('https://geodex.example/jobs/12/run');
        expect(keyOf(data)).not.toBe(keyOf(page));
    });

    it('are never the door that stands in their place, nor a failure', () => {
        expect(mayBeKept(new Response('', { status: 200 }))).toBe(true);
        expect(mayBeKept(new Response('', { status: 409 }))).toBe(false);
        expect(mayBeKept(new Response('', { status: 503 }))).toBe(false);
        expect(mayBeKept(Object.defineProperty(new Response('', { status: 200 }), 'redirected', { value: true }))).toBe(false);
    });
});

describe('what is sent of an entry', () => {
    const entry = { id: 'r0123456789', typedAt: Date.now() - 90_000, seen: 7, step: 'safe', kind: 'done' as const, isSeenTo: true };

    it('says how long it waited, and not by which clock', () => {
        const body = asBody(entry) as Record<string, unknown>;
        expect(body).toMatchObject({ clientId: 'r0123456789', step: 'safe', seen: 7, isSeenTo: true });
        expect(body.waited).toBeGreaterThanOrEqual(90);
        expect(body).not.toHaveProperty('typedAt');
    });

    it('goes as a form where a file is with it', () => {
        const form = asBody({ ...entry, file: new File(['x'], 'axle.png') }) as FormData;
        expect(form.get('isSeenTo')).toBe('1');
        expect(form.get('clientId')).toBe('r0123456789');
        expect(form.get('file')).toBeInstanceOf(File);
    });

    it('never waited less than nothing, whatever the clock did', () => {
        expect((asBody({ ...entry, typedAt: Date.now() + 60_000 }) as Record<string, unknown>).waited).toBe(0);
    });
});
