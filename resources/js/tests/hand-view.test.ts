import { describe, expect, it } from 'vitest';
import { sight } from '@/features/parts/lib/hand-view';

const points = [
    { id: 'AL', at: [0, -400, 500], isInSpace: true },
    { id: 'BL', at: [2000, -420, 520], isInSpace: true },
    { id: 'CL', at: [3000, -430, 0], isInSpace: false },
];

describe('a plate by hand', () => {
    it('shows points from the side where their height is known, from above all', () => {
        expect(sight(points, 'side', 1, null).points.map((one) => one.at)).toEqual([
            [0, 500],
            [2000, 520],
        ]);
        expect(sight(points, 'above', 1, null).points.at(-1)?.at).toEqual([3000, 430]);
        expect(sight(points, 'free', 1, null).box).toEqual({ x: 0, y: 0, width: 800, height: 400 });
    });

    it('is caught by the nearest point within reach, else takes whole millimetres', () => {
        const seen = sight(points, 'side', 1, null);
        expect(seen.caught([8, 497], 20)).toEqual([0, 500]);
        expect(seen.caught([300.4, 497.6], 20)).toEqual([300, 498]);
    });

    it('comes nearer about the last corner', () => {
        const seen = sight(points, 'free', 4, [100, 300]);
        expect(seen.box).toEqual({ x: 0, y: 250, width: 200, height: 100 });
        expect(seen.grid).toBe(10);
    });
});
