import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it } from 'vitest';
import { dropEntry, keepEntry, waitingIn, type Queued } from '@/offline/outbox-store';

interface Note extends Queued {
    text: string;
    file?: Blob;
}

let made = 0;
const note = (text: string, typedAt = ++made): Note => ({ id: `r${++made}`, typedAt, text });
const keep = (queue: string, entry: Note) => keepEntry(queue, entry);
const texts = async (queue: string) => (await waitingIn<Note>(queue)).map((one) => one.text);

describe('what waits in a browser', () => {
    let queue = '';
    beforeEach(() => {
        queue = `7 /jobs/${++made}/run/log`;
    });

    it('is kept until it is dropped', async () => {
        const one = note('Rear axle is on packing');
        await keep(queue, one);
        expect(await texts(queue)).toEqual(['Rear axle is on packing']);
        await dropEntry(one.id);
        expect(await texts(queue)).toEqual([]);
    });

    it('comes back in the order it was written, whatever the order it was kept in', async () => {
        for (const [text, at] of [
            ['third', 30],
            ['first', 10],
            ['second', 20],
        ] as const)
            await keep(queue, note(text, at));
        expect(await texts(queue)).toEqual(['first', 'second', 'third']);
    });

    it('is one entry, however often it is kept; the last word counts', async () => {
        const one = note('20 V');
        await keep(queue, one);
        await keep(queue, { ...one, text: '20.5 V' });
        await keep(queue, { ...one, text: '20.5 V', aside: 'The plan was changed.' });
        const kept = await waitingIn<Note>(queue);
        expect(kept).toHaveLength(1);
        expect(kept[0]).toMatchObject({ text: '20.5 V', aside: 'The plan was changed.' });
    });

    it('is nobody else’s, and of no other job', async () => {
        await keep(queue, note('mine'));
        await keep(queue.replace('7 ', '8 '), note('theirs'));
        await keep(`${queue}/other`, note('of another job'));
        expect(await texts(queue)).toEqual(['mine']);
        expect(await texts(queue.replace('7 ', '8 '))).toEqual(['theirs']);
    });

    it('may be a picture', async () => {
        await keep(queue, { ...note('posts'), file: new Blob(['picture'], { type: 'image/jpeg' }) });
        const [kept] = await waitingIn<Note>(queue);
        expect(kept?.file).toBeDefined();
    });

    it('may be dropped twice', async () => {
        const one = note('once');
        await keep(queue, one);
        await dropEntry(one.id);
        await expect(dropEntry(one.id)).resolves.toBeUndefined();
    });

    it('of two windows that write at once is all there', async () => {
        await Promise.all(Array.from({ length: 40 }, (_, i) => keep(queue, note(`note ${i}`))));
        expect(await texts(queue)).toHaveLength(40);
    });
});
