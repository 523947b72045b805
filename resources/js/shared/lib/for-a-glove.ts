export const isGlove = () => window.matchMedia('(pointer: coarse)').matches;

/** What a field for numbers is given where fingers work it: the large pad in place of the device's own keyboard. */
export function forAGlove(): { 'data-pad'?: true; inputMode: 'none' | 'text' } {
    return isGlove() ? { 'data-pad': true, inputMode: 'none' } : { inputMode: 'text' };
}
