import { expect, test } from 'vitest';
import { picture } from '@/features/findings/lib/picture';
import { liftWords, moveWords, pushWords, turnWords } from '@/features/bench/lib/words';
import { statedWords, WAYS } from '@/features/practice/lib/words';
import { causeWords, explanationTitle, mistakeWords, outcomeWords } from '@/features/survey/lib/explanation-words';
import { expectedWords, repeatWords } from '@/shared/lib/words';
import type { ExplanationProps, FindingProps, NextProps, PointProps, ReadingProps, RepeatProps } from '@/types/props';

test('turns of a screw are told to the nearest eighth, as a hand makes them', () => {
    expect(turnWords(0.02)).toBe('leave');
    expect(turnWords(0.25)).toBe('1/4 turn');
    expect(turnWords(1)).toBe('1 turn');
    expect(turnWords(1.3)).toBe('1 1/4 turns');
    expect(turnWords(3.25)).toBe('3 1/4 turns');
    expect(turnWords(2.97)).toBe('3 turns');
});

test('a push says how far and which way, in either unit, and nothing where nothing is to do', () => {
    expect(pushWords(3, 'mm')).toBe('3.0 mm to the right');
    expect(pushWords(-2.54, 'in')).toBe('0.100 in to the left');
    expect(pushWords(0.04, 'mm')).toBe('leave');
    expect(liftWords(2, 'mm')).toBe('raise 2.0 mm');
    expect(liftWords(-1.5, 'mm')).toBe('lower 1.5 mm');
    expect(liftWords(-0.01, 'mm')).toBe('leave');
});

test('a corner of the bench moves across and along, or stays', () => {
    expect(moveWords(1, -4, 'mm')).toBe('4.0 mm to the left, 1.0 mm rearward');
    expect(moveWords(-2, 0, 'mm')).toBe('2.0 mm forward');
    expect(moveWords(0.01, 3, 'mm')).toBe('3.0 mm to the right');
    expect(moveWords(0, 0, 'mm')).toBe('leave');
});

test('what a trainee states is said back in trade words, for every pattern', () => {
    expect(statedWords({ pattern: 'short-rail', section: 'front', positive: true, side: 'left' })).toBe('left rail, front, short');
    expect(statedWords({ pattern: 'twist', section: 'rear', positive: false, side: null })).toBe('twist, rear, left side high');
    expect(statedWords({ pattern: 'diamond', section: 'centre', positive: true, side: null })).toBe('diamond, centre, right rail rearward');
    for (const pattern of ['sidesway', 'sag', 'short-rail', 'twist', 'diamond']) expect(WAYS[pattern]).toHaveLength(2);
});

const mistake = (reading: string, off: number, causes: string[] = []) => ({
    reading,
    off,
    causes: causes.map((text) => ({
        kind: 'inch',
        error: off,
        text: { code: 'cause.inch', template: text, parts: {} },
        points: [],
    })),
});
const numbered = [
    { id: 'a', number: 37, kind: 'tram', points: ['BL', 'DR'], quantity: 'length' },
    { id: 'b', number: 12, kind: 'height', points: ['DR'], quantity: 'length' },
    { id: 'c', number: 40, kind: 'tram', points: ['CL', 'DR'], quantity: 'length' },
] as ReadingProps[];

test('a card says how many are wrong, each mistake with its size, and what either outcome would mean', () => {
    const one = (id: string): ExplanationProps => ({ mistakes: [mistake(id, 25.4)], weightedSum: 4 });
    expect(explanationTitle([one('a'), one('b')])).toBe('One of these is wrong');
    expect(explanationTitle([{ mistakes: [mistake('a', 3), mistake('b', 3)], weightedSum: 1 }])).toContain('2 readings are wrong');
    expect(explanationTitle([one('a'), { mistakes: [mistake('a', 3), mistake('b', 3)], weightedSum: 1 }])).toBe(
        'One of these sets is wrong',
    );
    expect(mistakeWords(mistake('a', 25.4), numbered[0] as ReadingProps, 'mm')).toBe('37: Tram, BL to DR, 25.4 mm too much');
    expect(mistakeWords(mistake('b', -25.4), numbered[1] as ReadingProps, 'in')).toBe('12: Height, DR, 1.000 in too little');
    const next = {
        call: 'h CL',
        outcomes: [
            { value: 829, wrong: [['a']], folded: [] },
            { value: 861, wrong: [['b'], ['c']], folded: [] },
        ],
    } as unknown as NextProps;
    expect(outcomeWords(next, numbered, 'mm', 32)).toBe('829.0\u00a0mm if 37 is wrong, 861.0\u00a0mm if 12 or 40 is wrong.');
    expect(outcomeWords({ ...next, outcomes: [{ value: 50.8, wrong: [[]], folded: ['DL', 'DR'] }] }, numbered, 'in', 16)).toBe(
        '2\u00a0in if DL and DR stands on the other side.',
    );
});

test('two causes that fit about equally are both told', () => {
    expect(causeWords(mistake('a', 25.4, ['One inch too long.']).causes, 'mm')).toBe('One inch too long.');
    expect(causeWords(mistake('a', 25.4, ['One inch too long.', 'Wrong hole.']).causes, 'mm')).toBe('One inch too long. Or: Wrong hole.');
});

test('repeats are told together, and apart when they differ more than the tool allows', () => {
    const repeat: RepeatProps = {
        kind: 'tram',
        readings: ['a', 'b', 'c'],
        mean: 830.2,
        expanded: 1.1,
        spread: 1.6,
        agree: true,
    };
    expect(repeatWords(repeat, 'mm', 32)).toBe('read 3 times, together 830.2 ± 1.1 mm');
    expect(repeatWords({ ...repeat, spread: 5.4, agree: false }, 'mm', 32)).toBe('read 3 times, 5.4 mm apart: more than the tool allows');
    expect(repeatWords({ ...repeat, spread: 5.4, agree: false }, 'in', 32)).toContain('0.213 in apart');
});

test('what a reading should come to is left open where no chart tells', () => {
    const next = { expected: 830 } as NextProps;
    expect(expectedWords(next, 'mm', 32)).toBe('830.0');
    expect(expectedWords(next, 'in', 16)).toBe('32 11/16');
    expect(expectedWords({ ...next, expected: null }, 'mm', 32)).toBe('');
});

function point(id: string, side: 'left' | 'right', chart: number[], deviation: number[] | null): PointProps {
    return {
        id,
        name: id,
        side,
        mate: null,
        base: false,
        feature: '',
        chart,
        tolerance: [3, 3, 3],
        measured: null,
        deviation,
        expanded: deviation === null ? null : [1, 1, 1],
        determined: null,
        axes: [],
        verdict: 'in',
        decidingAxis: null,
        reasons: [],
        reason: null,
        hull: [],
        datum: 'no',
    };
}

const frame = [0, 1000, 2000, 3000].flatMap((x, i) => [
    point(`${'ABCD'[i] ?? ''}L`, 'left', [x, -400, 500], [0, i === 3 ? 12 : 0, i === 3 ? -6 : 0]),
    point(`${'ABCD'[i] ?? ''}R`, 'right', [x, 400, 500], [0, i === 3 ? 12 : 0, i === 3 ? 6 : 0]),
]);
const finding = (pattern: FindingProps['pattern'], points: string[]): FindingProps => ({
    pattern,
    section: 'rear',
    side: null,
    amount: 12,
    expanded: 1,
    significant: true,
    text: { code: '', template: '', parts: {} },
    points,
});

test('a sidesway is pictured from above, its arrows pointing where the rear went', () => {
    const drawn = picture(finding('sidesway', ['DL', 'DR']), frame);
    expect(drawn?.view).toBe('from above');
    expect(drawn?.arrows).toHaveLength(2);
    // Right is up on the sheet, so to the right is a smaller y; the largest deviation is drawn 15 px.
    for (const arrow of drawn?.arrows ?? []) {
        expect(arrow.y1 - arrow.y2).toBeCloseTo(15, 5);
        expect(arrow.x1).toBeCloseTo(arrow.x2, 5);
    }
});

test('a twist is pictured from the left, one side up and one down', () => {
    const drawn = picture(finding('twist', ['DL', 'DR', 'CL', 'CR']), frame);
    expect(drawn?.view).toBe('from the left');
    const [left, right] = drawn?.arrows.filter((arrow) => Math.abs(arrow.y1 - arrow.y2) > 1) ?? [];
    expect(Math.sign((left?.y1 ?? 0) - (left?.y2 ?? 0))).toBe(-Math.sign((right?.y1 ?? 0) - (right?.y2 ?? 0)));
    expect(drawn?.lines).toHaveLength(2);
});

test('there is no picture of a frame that is hardly read', () => {
    expect(picture(finding('sag', ['DL', 'DR']), frame.slice(0, 3))).toBeNull();
    expect(
        picture(
            finding('sag', ['DL', 'DR']),
            frame.map((one) => ({ ...one, deviation: null })),
        ),
    ).toBeNull();
});

test('an absurd deviation elsewhere does not throw a picture off its sheet', () => {
    const absurd = frame.map((one) => (one.id === 'BL' ? { ...one, deviation: [0, 90_000, 0] } : one));
    const drawn = picture(finding('sidesway', ['DL', 'DR']), absurd);
    for (const line of drawn?.lines ?? []) {
        for (const place of line.measured.split(' ')) expect(Math.abs(Number(place.split(',')[1]))).toBeLessThan(160);
    }
});
