import { expect, test } from 'vitest';
import { say } from '@/shared/lib/say';

const computed = (mm: number, expanded: number | null = null) => ({
    mm,
    expanded,
    isGiven: false,
    isFine: false,
});
const given = (mm: number) => ({ mm, expanded: null, isGiven: true, isFine: false });
const moved = {
    code: 'movement.moved',
    template: '{point} moved {how.s0.size} {how.s0.way}, more than {allowed}.',
    parts: {
        point: 'AL',
        'how.s0.size': computed(8.053, 2.312),
        'how.s0.way': 'forward',
        allowed: given(2.5),
    },
};

test('what the core computed is rounded as in the table beside it, in either unit', () => {
    expect(say(moved, 'mm')).toBe('AL moved 8.1 ± 2.3 mm forward, more than 2.5 mm.');
    expect(say(moved, 'in')).toBe('AL moved 0.317 ± 0.091 in forward, more than 0.098 in.');
});

test('what is allowed is said as it was given, to a hundredth at most', () => {
    const allowed = (mm: number) => ({
        code: 'x',
        template: 'more than the {allowed} allowed',
        parts: { allowed: given(mm) },
    });
    expect(say(allowed(3), 'mm')).toBe('more than the 3 mm allowed');
    expect(say(allowed(1.5875), 'mm')).toBe('more than the 1.59 mm allowed');
    expect(say(allowed(1.5875), 'in')).toBe('more than the 0.063 in allowed');
});

test('a minus is as wide as a plus, and the check of a tool is told to a hundredth', () => {
    expect(say({ code: 'x', template: 'The plane falls {by}.', parts: { by: computed(-2.5) } }, 'in')).toBe('The plane falls −0.098 in.');
    expect(say({ code: 'x', template: 'It reads {by}.', parts: { by: { ...computed(1.2, 0.2), isFine: true } } }, 'mm')).toBe(
        'It reads 1.20 ± 0.20 mm.',
    );
});
