import { expect, test } from 'vitest';
import { placeLabels } from '@/shared/drawing/lib/place-labels';
import { layOut } from '@/shared/drawing/lib/scene';
import { ticks } from '@/shared/drawing/lib/ticks';
import { compose } from '@/features/survey/lib/compose';
import { typedValues } from '@/shared/lib/typed';
import type { FieldProps } from '@/types/props';
import { formatAngle, formatDeviation, formatLength, remainder } from '@/shared/lib/format';

test('lengths are shown as on a tape, in lowest terms', () => {
    for (const [mm, denominator, shown] of [
        [1585.9125, 16, '62 7/16'],
        [317.5, 32, '12 1/2'],
        [-12.7, 16, '−1/2'],
        [0, 16, '0'],
        [25.3, 16, '1'],
        [-404, 32, '−15 29/32'],
    ] as const) {
        expect(formatLength(mm, 'in', denominator)).toBe(shown);
    }
    expect(formatLength(811.24, 'mm', 32)).toBe('811.2');
    expect(formatLength(-0.04, 'mm', 32)).toBe('0.0');
    expect(formatLength(3, 'mm', 32, true)).toBe('+3.0');
    expect(remainder(25.9, 16)).toBeCloseTo(0.5, 9);
});

test('deviations and angles carry their sign and never a negative nothing', () => {
    expect(formatDeviation(7.82, 'mm')).toBe('+7.8');
    expect(formatDeviation(-0.04, 'mm')).toBe('0.0');
    expect(formatDeviation(-25.4, 'in')).toBe('−1.000');
    expect(formatAngle(-0.26, 1)).toBe('−0.3°');
});

test('a bare value belongs to the suggested reading, a call to itself', () => {
    const next = { call: 'HL JL' } as Parameters<typeof compose>[1];
    expect(compose('62 7/16', next, null)).toBe('HL JL 62 7/16');
    expect(compose('−1.5', next, null)).toBe('HL JL −1.5');
    expect(compose('BL DR 12', next, null)).toBe('BL DR 12');
    expect(compose('h BL 12', next, null)).toBe('h BL 12');
    expect(compose('12', null, null)).toBe('12');
});

test('plan and side share one scale, in which a station lines up', () => {
    const scene = layOut(
        [
            { id: 'A', side: 'left', chart: [0, -400, 500] },
            { id: 'B', side: 'left', chart: [5000, -400, 500] },
        ],
        [],
        900,
        650,
    );
    expect(scene.stationAt(scene.x(1234))).toBeCloseTo(1234, 6);
    expect(scene.x(1000) - scene.x(0)).toBeCloseTo(scene.planY(0) - scene.planY(1000), 6);
    expect(scene.x(1000) - scene.x(0)).toBeCloseTo(scene.sideY(0) - scene.sideY(1000), 6);
    expect(scene.datumY).toBeLessThan(650);
});

test('the ruler is round in either unit', () => {
    expect(ticks(0, 3000, 0.15, 'mm').flatMap((tick) => tick.label ?? [])).toContain('1000');
    expect(ticks(0, 3000, 0.15, 'in').flatMap((tick) => tick.label ?? [])).toContain('24');
});

test('where labels are crowded the less important yield, and sixty points stay readable', () => {
    const crowd = Array.from({ length: 60 }, (_, i) => ({
        key: `P${i}`,
        text: `P${i}`,
        x: 10 * i,
        y: 20,
        rank: i === 30 ? 0 : 5,
    }));
    const placed = placeLabels(crowd);
    expect(placed.map((label) => label.key)).toContain('P30');
    expect(placed.length).toBeLessThan(40);
    for (const [i, a] of placed.entries()) for (const b of placed.slice(i + 1)) expect(Math.abs(a.x - b.x)).toBeGreaterThan(15);
});

test('values of a sheet stand in a form as they would be typed', () => {
    const field = (name: string, kind: FieldProps['kind'], fields: FieldProps[] = []): FieldProps => ({
        name,
        label: name,
        kind,
        unit: '',
        isRequired: false,
        default: '',
        help: '',
        range: '',
        choices: [],
        fields,
        isStation: false,
        names: '',
        size: 0,
        bulges: false,
    });
    const fields = [
        field('at', 'lengths'),
        field('points', 'places'),
        field('values', 'numbers'),
        field('axle', 'group', [field('x', 'length')]),
    ];
    const values = {
        at: [25.4, -50.8],
        points: [
            [0, 0, 0],
            [254, 0, 0],
        ],
        values: [0.1, null, 0.3],
        axle: { x: 2540 },
    };
    expect(typedValues(fields, values, 'in')).toEqual({
        at: '1, -2',
        points: '0, 0, 0; 10, 0, 0',
        values: '0.1 - 0.3',
        axle: { x: '100' },
    });
    const outline = { ...field('contour', 'places'), bulges: true };
    expect(
        typedValues(
            [outline],
            {
                contour: [
                    [0, 25.4],
                    [254, 0, 0.41421356],
                ],
            },
            'in',
        ),
    ).toEqual({ contour: '0, 1; 10, 0, 0.41421356' });
});
