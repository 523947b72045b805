import { expect, test } from 'vitest';
import { stationByKey } from '@/features/plan/lib/station-by-key';

const press = (key: string, held: { shiftKey?: boolean; altKey?: boolean } = {}, at = 1500) =>
    stationByKey({ key, shiftKey: false, altKey: false, ...held }, at, [-640, 5240]);

test('a cut moves by the keys of a slider', () => {
    expect(press('ArrowRight')).toBe(1510);
    expect(press('ArrowUp')).toBe(1510);
    expect(press('ArrowLeft', { altKey: true })).toBe(1499);
    expect(press('ArrowDown', { shiftKey: true })).toBe(1400);
    expect(press('PageUp')).toBe(1600);
    expect(press('PageDown')).toBe(1400);
    expect(press('Home')).toBe(-640);
    expect(press('End')).toBe(5240);
});

test('it stays on the rail, and other keys are not its business', () => {
    expect(press('ArrowLeft', {}, -635)).toBe(-640);
    expect(press('PageUp', {}, 5200)).toBe(5240);
    expect(press('Enter')).toBeNull();
});
