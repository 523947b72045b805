import { expect, test } from 'vitest';
import { linksOf, moved, moveOf, partner, type Link } from '@/features/gear/lib/link-ends';

const links: Link[] = [
    { id: 'LL', frame: [2540, -400, 395], axle: [3280, -400, 300] },
    { id: 'LR', frame: [2540, 400, 395], axle: [3280, 400, 300] },
    { id: 'U', frame: [2650, 0, 520], axle: [3330, 0, 505] },
];

test('links are read from a kept sheet, and named by their place where nobody named them', () => {
    expect(
        linksOf({
            links: [
                { frame: [1, 2, 3], axle: [4, 5, 6] },
                { id: 'half', frame: [1, 2, 3] },
                { id: 'T', frame: [1, 2, 3], axle: [1, 2, 4] },
            ],
        }),
    ).toEqual([
        { id: 'link1', frame: [1, 2, 3], axle: [4, 5, 6] },
        { id: 'T', frame: [1, 2, 3], axle: [1, 2, 4] },
    ]);
    expect(linksOf({})).toEqual([]);
});

test('a mount has its like on the other side, one on the centreline has none', () => {
    expect(partner(links, { link: 0, end: 'frame' })).toEqual({ link: 1, end: 'frame' });
    expect(partner(links, { link: 1, end: 'axle' })).toEqual({ link: 0, end: 'axle' });
    expect(partner(links, { link: 2, end: 'frame' })).toBeNull();
});

test('both sides move together, outward and not the same way', () => {
    const both = moved(links, { link: 0, end: 'frame' }, [5, -10, 20], true);
    expect(both[0]?.frame).toEqual([2545, -410, 415]);
    expect(both[1]?.frame).toEqual([2545, 410, 415]);
    expect(both[2]).toBe(links[2]);
    expect(moved(links, { link: 0, end: 'frame' }, [5, 0, 0], false)[1]).toBe(links[1]);
});

test('once a mount was moved alone it has no like any more', () => {
    const alone = moved(links, { link: 0, end: 'frame' }, [5, 0, 0], false);
    expect(partner(alone, { link: 0, end: 'frame' })).toBeNull();
});

test('arrow keys move along and up, page keys across, others nothing', () => {
    expect(moveOf('ArrowUp', 5)).toEqual([0, 0, 5]);
    expect(moveOf('ArrowLeft', 1)).toEqual([-1, 0, 0]);
    expect(moveOf('PageDown', 25)).toEqual([0, 25, 0]);
    expect(moveOf('Enter', 5)).toBeNull();
});
