import { describe, expect, it } from 'vitest';
import { asWritten } from '@/features/run/lib/as-written';
import type { RunStepProps } from '@/types/props';

function step(id: string, more: Partial<RunStepProps> = {}): RunStepProps {
    return {
        id,
        title: id,
        kind: 'other',
        joint: '',
        state: 'possible',
        minutes: 30,
        waitsFor: [],
        isEarly: false,
        cautions: [],
        asksCautions: false,
        hold: null,
        isOwn: false,
        by: '',
        at: '',
        isOtherwise: false,
        closedBy: null,
        shutsOut: [],
        ...more,
    };
}

const hold = {
    what: 'Witness marks',
    target: 840,
    tolerance: 2,
    pending: null,
    pendingSigma: null,
    cases: 0,
    stage: 'tack',
    from: 839,
    to: 841,
};
const waits = (...ids: string[]) => ({ state: 'blocked' as const, waitsFor: ids.map((id) => ({ id, title: id })) });
const states = (steps: RunStepProps[], ...waiting: [string, string][]) =>
    Object.fromEntries(
        asWritten(
            steps,
            waiting.map(([of, kind]) => ({ step: of, kind })),
        ).map((one) => [one.id, one.state]),
    );

describe('steps as they were written down without a network', () => {
    it('free what waits for them alone', () => {
        const sheet = [step('safe'), step('bench', waits('safe')), step('posts', waits('safe', 'bench'))];
        expect(states(sheet, ['safe', 'done'])).toEqual({ safe: 'possible', bench: 'possible', posts: 'blocked' });
        expect(states(sheet, ['safe', 'done'], ['bench', 'otherwise'])).toEqual({ safe: 'possible', bench: 'possible', posts: 'possible' });
    });

    it('free nothing where a reading has to be judged first', () => {
        const sheet = [step('tack', { hold: { ...hold, ways: ['marks'] } }), step('root', waits('tack'))];
        expect(states(sheet, ['tack', 'done']).root).toBe('blocked');
        expect(states(sheet, ['tack', 'otherwise']).root).toBe('possible');
    });

    it('free what was only looked at', () => {
        const sheet = [step('posts', { hold: { ...hold, target: null, ways: ['look', 'heights'] } }), step('cut', waits('posts'))];
        expect(states(sheet, ['posts', 'done']).cut).toBe('possible');
    });

    it('are not made possible by notes, nor where they cannot be done any more', () => {
        expect(states([step('safe'), step('bench', waits('safe'))], ['safe', 'note']).bench).toBe('blocked');
        expect(states([step('safe'), step('coat', { ...waits('safe'), state: 'impossible' })], ['safe', 'done']).coat).toBe('impossible');
    });

    it('say which of them wait here', () => {
        expect(asWritten([step('a'), step('b')], [{ step: 'a', kind: 'done' }]).map((one) => one.isOnItsWay)).toEqual([true, false]);
    });
});
