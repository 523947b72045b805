import type { PointProps } from '@/types/props';

/** What a point has that no survey has judged. */
export const UNJUDGED = {
    measured: null,
    deviation: null,
    expanded: null,
    determined: null,
    axes: [],
    decidingAxis: null,
    reasons: [],
    reason: null,
    hull: [],
    datum: 'no',
} satisfies Partial<PointProps>;
