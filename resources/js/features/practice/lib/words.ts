import type { Stated } from '@/features/practice/hooks/use-practice';

/** Which way a positive and a negative amount of each pattern goes. */
export const WAYS: Record<string, [string, string]> = {
    sidesway: ['to the right', 'to the left'],
    sag: ['high', 'low'],
    'short-rail': ['short', 'long'],
    twist: ['right side high', 'left side high'],
    diamond: ['right rail rearward', 'left rail rearward'],
};

export function statedWords(stated: Stated): string {
    const what = stated.pattern === 'short-rail' ? `${stated.side ?? ''} rail` : stated.pattern;
    return `${what}, ${stated.section}, ${WAYS[stated.pattern]?.[stated.positive ? 0 : 1] ?? ''}`;
}
