import { expect, test } from 'vitest';
import { byStation, drawnPoints } from '@/shared/drawing/lib/drawn-points';
import { placeLabels } from '@/shared/drawing/lib/place-labels';
import { layOut } from '@/shared/drawing/lib/scene';
import { doubtWords, nextWords, readingName, valueWords, verdictNote, verdictWords } from '@/shared/lib/words';
import { provenance } from '@/types/provenance';
import type { NextProps, PointProps, ReadingProps } from '@/types/props';

function point(change: Partial<PointProps> = {}): PointProps {
    return {
        id: 'MR',
        name: 'Rear cross tie, right',
        side: 'right',
        mate: 'ML',
        base: false,
        feature: '',
        chart: [5240, 415, 500],
        tolerance: [3, 3, 3],
        measured: [5236, 422.8, 503],
        deviation: [-4, 7.8, 3],
        expanded: [0.9, 1.6, 1.1],
        determined: [true, true, true],
        axes: ['out', 'out', 'unsure'],
        verdict: 'out',
        decidingAxis: 1,
        reasons: [null, null, null],
        reason: null,
        hull: [],
        datum: 'no',
        ...change,
    };
}

function reading(change: Partial<ReadingProps> = {}): ReadingProps {
    return {
        id: 'r38',
        number: 38,
        kind: 'tram',
        quantity: 'length',
        points: ['EL', 'JR'],
        typed: '80 3/16 in',
        value: 2036.76,
        state: 'doubtful',
        off: 25.4,
        standardised: 16.9,
        redundancy: 0.4,
        pointers: null,
        reason: null,
        by: 'Technician',
        at: '2026-11-25T01:08:00Z',
        call: 'EL JR',
        edge: null,
        instrument: null,
        detectable: null,
        causes: [],
        ...change,
    };
}

const next: NextProps = {
    kind: 'tram',
    points: ['HR', 'KL'],
    call: 'HR KL',
    expected: 1120.8,
    gain: 0.42,
    settles: 3,
    because: 'undecided',
    outcomes: [],
};

test('a verdict says by how much, which way, and what is allowed', () => {
    expect(verdictWords(point(), 'mm')).toBe('7.8 mm to the right, 3.0 mm allowed');
    expect(verdictWords(point(), 'in')).toBe('0.307 in to the right, 0.118 in allowed');
    expect(verdictWords(point({ decidingAxis: 0 }), 'mm')).toBe('4.0 mm forward, 3.0 mm allowed');
    expect(verdictWords(point({ verdict: 'unsure', decidingAxis: 2 }), 'mm')).toBe('3.0 ± 1.1 mm high, 3.0 mm allowed');
    expect(verdictWords(point({ verdict: 'in', decidingAxis: 2 }), 'mm')).toBe('within 3.0 mm allowed');
    expect(verdictWords(point({ verdict: 'unmeasured' }), 'mm')).toBe('no reading touches it yet');
    expect(verdictWords(point({ determined: [false, true, false] }), 'mm')).toBe('loose in length and height');
});

test('beside a row of numbers a verdict says only what is allowed, and why nothing is decided', () => {
    expect(verdictNote(point(), 'mm')).toBe('offset: 3.0 mm allowed');
    expect(verdictNote(point({ verdict: 'in' }), 'mm')).toBe('');
    expect(verdictNote(point({ verdict: 'unsure', decidingAxis: 2, reason: 'close to the tolerance', reasons: [] }), 'mm')).toBe(
        'height: 3.0 mm allowed; close to the tolerance',
    );
    expect(verdictNote(point({ determined: [false, true, false] }), 'mm')).toBe('loose in length and height');
    expect(verdictNote(point({ verdict: 'unmeasured' }), 'mm')).toBe('no reading touches it yet');
});

test('a reading that does not fit says by how much the others differ', () => {
    expect(doubtWords(reading(), 37, 'mm')).toBe('Tram, EL to JR reads 25.4 mm more than the other 37 say.');
    expect(doubtWords(reading({ off: -25.4 }), 37, 'in')).toBe('Tram, EL to JR reads 1.000 in less than the other 37 say.');
    expect(doubtWords(reading({ kind: 'slope', quantity: 'angle', off: 0.5 }), 12, 'mm')).toBe(
        'Level, EL to JR reads 0.50° more than the other 12 say.',
    );
    expect(readingName(reading({ kind: 'height', points: ['JR'] }))).toBe('Height, JR');
});

test('a value is shown in the unit of the screen, an angle in degrees', () => {
    expect(valueWords(1585.9125, 'length', 'in', 16)).toBe('62 7/16 in');
    expect(valueWords(1585.9125, 'length', 'mm', 16)).toBe('1585.9 mm');
    expect(valueWords(-0.2, 'angle', 'in', 16)).toBe('−0.20°');
});

test('a suggestion says why', () => {
    expect(nextWords(next)).toBe('settles 3 coordinates');
    expect(nextWords({ ...next, settles: 1 })).toBe('settles 1 coordinate');
    expect(nextWords({ ...next, settles: 0 })).toBe('takes 42 % off what is undecided');
    expect(nextWords({ ...next, because: 'loose' })).toBe('holds a loose point');
    expect(nextWords({ ...next, because: 'unread' })).toBe('reaches a point that is not read yet');
    expect(nextWords({ ...next, because: 'unchecked' })).toBe('checks a reading that nothing else checks');
});

test('a mark stands on the chart, moved by its enlarged deviation, and never off the sheet', () => {
    const scene = layOut([point()], [], 900, 650);
    const [still] = drawnPoints([point({ deviation: null })], scene, 20);
    const [moved] = drawnPoints([point({ deviation: [0, 5, 5] })], scene, 20);
    const [absurd] = drawnPoints([point({ deviation: [0, 9e5, -9e5] })], scene, 20);
    if (!still || !moved || !absurd) throw new Error('a point was not drawn');
    expect(still.plan.y - moved.plan.y).toBeCloseTo(5 * 20 * scene.scale, 6);
    expect(still.side.y - moved.side.y).toBeCloseTo(5 * 20 * scene.scale, 6);
    expect(still.plan.y - absurd.plan.y).toBeCloseTo(scene.farthest * scene.scale, 6);
    expect(still.side.y - absurd.side.y).toBeCloseTo(-scene.farthest * scene.scale, 6);
    expect(drawnPoints([point({ chart: null })], scene, 20)).toEqual([]);
});

test('the sheet makes room for what is enlarged, and for no more than a reading can mean', () => {
    const bent = [
        point({ chart: [0, 400, 500], deviation: [-9, 8, 30] }),
        point({ id: 'B', chart: [3000, 400, 500], deviation: [9, 0, 0] }),
    ];
    for (const factor of [1, 20, 500]) {
        const scene = layOut(bent, [], 900, 650, { factor });
        for (const { plan, side } of drawnPoints(bent, scene, factor)) {
            expect(plan.x).toBeGreaterThan(0);
            expect(plan.x).toBeLessThan(900);
            expect(plan.y).toBeGreaterThanOrEqual(scene.planTop - 1);
            expect(side.y).toBeGreaterThan(scene.sideTop);
        }
    }
    const absurd = [point({ chart: [0, 400, 500], deviation: [9e9, -9e9, 9e9] }), ...bent.slice(1)];
    expect(layOut(absurd, [], 900, 650, { factor: 500 }).scale).toBeGreaterThan(0.5 * layOut(bent, [], 900, 650).scale);
});

test('a name that would leave the sheet is moved in, and one that meets another yields', () => {
    const label = (key: string, x: number, rank = 1) => ({ key, text: '7.5 left', x, y: 50, rank });
    const placed = placeLabels([label('left', 5), label('right', 395), label('on top', 396, 2)], [], 400);
    expect(placed.map(({ key }) => key)).toEqual(['left', 'right']);
    expect(placed.every(({ x, text }) => x - 3.7 * text.length >= 0 && x + 3.7 * text.length <= 400)).toBe(true);
});

test('a rail is drawn from the front', () => {
    const scene = layOut([point()], [], 900, 650);
    const drawn = drawnPoints(
        [point({ id: 'B', chart: [900, 400, 500] }), point({ id: 'A', chart: [100, 400, 500] }), point({ id: 'L', side: 'left' })],
        scene,
        1,
    );
    expect(byStation(drawn, 'right').map((one) => one.point.id)).toEqual(['A', 'B']);
});

test('every number that can be asked has formula and source', () => {
    for (const [key, { title, formula, source }] of Object.entries(provenance)) {
        expect(
            [title, formula, source].every((text) => text.length > 2),
            key,
        ).toBe(true);
    }
});

test('a sheet of any size holds both views', () => {
    for (const [width, height] of [
        [390, 270],
        [390, 355],
        [830, 660],
        [1400, 900],
        [300, 200],
    ] as const) {
        const scene = layOut(
            [point(), point({ id: 'AL', chart: [-640, -430, 548] })],
            [{ id: 'rear', station: 3300, tyreRadius: 380, track: 1560 }],
            width,
            height,
        );
        expect(scene.x(scene.from)).toBeGreaterThanOrEqual(0);
        expect(scene.x(scene.to)).toBeLessThanOrEqual(width);
        expect(scene.planY(0)).toBeLessThan(scene.rulerY);
        expect(scene.rulerY).toBeLessThan(scene.sideTop);
        expect(scene.datumY).toBeLessThanOrEqual(height);
    }
});
