import { describe, expect, it } from 'vitest';
import { typedMillimetres } from '@/shared/lib/typed';
import { calledBy } from '@/features/survey/lib/called-by';
import { layOut, FITTED } from '@/shared/drawing/lib/scene';
import { placeLabels } from '@/shared/drawing/lib/place-labels';
import { turned } from '@/shared/drawing/lib/turned';
import { zoomedAbout } from '@/shared/drawing/lib/zoomed-about';
import { cellOf, columnsOf } from '@/features/chassis/lib/cells';
import { shownIn } from '@/features/plan/lib/shown-in';
import type { FieldProps } from '@/types/props';

describe('tapping points calls them', () => {
    it.each([
        ['', 'BL', 'BL '],
        ['BL ', 'DR', 'BL DR '],
        ['BL DR ', 'CL', 'CL '],
        ['h ', 'BL', 'h BL '],
        ['BL DR 62', 'CL', 'BL DR 62'],
        ['  ', 'A-L', 'A-L '],
    ])('%j and %s', (line, id, after) => expect(calledBy(line, id)).toBe(after));
});

describe('the drawing', () => {
    const points = [
        { id: 'AL', side: 'left' as const, chart: [0, -400, 500] },
        { id: 'BR', side: 'right' as const, chart: [5000, 400, 450] },
    ];
    const scene = (view = FITTED) => layOut(points, [], 900, 700, { view, clips: ['url(#a)', 'url(#b)'] });

    it('finds a station again from where it is drawn, fitted and moved', () => {
        for (const view of [FITTED, { zoom: 3, dx: -420, dy: 30 }]) {
            for (const station of [0, 1234, 5000]) expect(scene(view).stationAt(scene(view).x(station))).toBeCloseTo(station, 6);
        }
    });

    it('keeps what lies under the pointer when it is made larger', () => {
        const at = { x: 333, y: 200 };
        const under = scene().stationAt(at.x);
        const larger = zoomedAbout(FITTED, 2.5, at);
        expect(scene(larger).stationAt(at.x)).toBeCloseTo(under, 6);
        expect(scene(larger).scale).toBeCloseTo(2.5 * scene().scale, 9);
    });

    it('is never smaller than fitted, and no larger than can be worked with', () => {
        expect(zoomedAbout({ zoom: 1.2, dx: 9, dy: 4 }, 0.5, { x: 0, y: 0 })).toBe(FITTED);
        expect(zoomedAbout({ zoom: 30, dx: 0, dy: 0 }, 10, { x: 0, y: 0 }).zoom).toBe(40);
    });

    it('keeps the two views apart once it is moved, and only then', () => {
        expect(scene().inPlan(9999)).toBe(true);
        const moved = scene({ zoom: 2, dx: 0, dy: 0 });
        expect(moved.inPlan(moved.rulerY + 1)).toBe(false);
        expect(moved.inSide(moved.rulerY)).toBe(false);
        expect(moved.inSide(moved.rulerY + 60)).toBe(true);
        expect([moved.planClip, moved.sideClip]).toEqual(['url(#a)', 'url(#b)']);
    });

    it('turns in space without changing any length that lies across the eye', () => {
        const [a, b] = [turned([0, 0, 0], { yaw: 0, tip: 0 }), turned([1000, 0, 300], { yaw: 0, tip: 0 })];
        expect([b.x - a.x, b.y - a.y]).toEqual([1000, -300]);
        const seen = turned([1000, 400, 300], { yaw: 0.7, tip: 0.4 });
        expect(Math.hypot(seen.x, seen.y, seen.depth)).toBeCloseTo(Math.hypot(1000, 400, 300), 9);
    });

    it('lets the less important of two labels yield, and keeps all on the sheet', () => {
        const labels = [
            { key: 'a', text: 'crossmember', x: 100, y: 50, rank: 2 },
            { key: 'b', text: 'crack', x: 104, y: 50, rank: 1 },
            { key: 'c', text: 'hanger', x: 2, y: 90, rank: 3 },
        ];
        const placed = placeLabels(labels, [], 400);
        expect(placed.map((one) => one.key)).toEqual(['b', 'c']);
        expect(placed[1]?.x).toBeGreaterThan(20);
    });
});

describe('the table of the frame', () => {
    const field = (name: string, kind: FieldProps['kind'], more: Partial<FieldProps> = {}): FieldProps => ({
        name,
        label: name,
        kind,
        unit: '',
        isRequired: false,
        default: '',
        help: '',
        range: '',
        choices: [],
        fields: [],
        isStation: false,
        names: '',
        size: 0,
        bulges: false,
        ...more,
    });

    it('shows a station in the words it was given in, and a length in the unit shown', () => {
        expect(cellOf(field('at', 'length'), '350 mm behind CL', 'in', 16)).toBe('350 mm behind CL');
        expect(cellOf(field('at', 'length'), 254, 'in', 16)).toBe('10');
        expect(cellOf(field('at', 'length'), undefined, 'mm', 16)).toBe('');
    });

    it('shows a section as a stockist writes it, and a path as it runs', () => {
        const section = field('section', 'group', {
            fields: [field('kind', 'choice'), field('depth', 'length'), field('width', 'length'), field('thickness', 'length')],
        });
        expect(cellOf(section, { kind: 'channel', depth: 200, width: 70, thickness: 6 }, 'mm', 16)).toBe('channel 200.0 × 70.0 × 6.0');
        const path = field('path', 'list', { fields: [field('station', 'length'), field('side', 'choice')] });
        expect(
            cellOf(
                path,
                [
                    { station: -250, side: 'left' },
                    { station: 3200, side: 'centre' },
                ],
                'mm',
                16,
            ),
        ).toBe('−250.0 left, 3200.0 centre');
    });

    it('has a column for what must be given and for what some row gives', () => {
        const fields = [field('kind', 'choice', { isRequired: true }), field('name', 'text'), field('up', 'length')];
        expect(columnsOf(fields, [{ kind: 'hole' }, { kind: 'weld', name: 'old' }]).map((one) => one.name)).toEqual(['kind', 'name']);
    });

    it('says that what is not known is not given', () => {
        expect(shownIn(null, { unit: 'mm' }, 'mm', 16)).toBe('not given');
        expect(shownIn(3300, { unit: 'mm' }, 'mm', 16)).toBe('3300.0 mm');
        expect(shownIn(-12.345, { unit: '%' }, 'mm', 16)).toBe('−12.3 %');
        expect(shownIn(13.8, { unit: 'm' }, 'in', 16)).toBe('13.80 m');
        expect(shownIn(-3.21, { unit: '°' }, 'in', 16)).toBe('−3.2°');
    });
});

describe('a station as it is typed', () => {
    it('is a length in the unit shown where it is a plain number', () => {
        expect(typedMillimetres('1350', 'mm')).toBe(1350);
        expect(typedMillimetres('-12.5', 'mm')).toBe(-12.5);
        expect(typedMillimetres('10', 'in')).toBe(254);
    });

    it('is left to the server where it is counted from a point, and to nobody where it is empty', () => {
        expect(typedMillimetres('150 behind LL', 'mm')).toBeNull();
        expect(typedMillimetres('', 'mm')).toBeNull();
        expect(typedMillimetres(undefined, 'mm')).toBeNull();
    });
});
