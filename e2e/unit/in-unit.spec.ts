import { expect, test } from '@playwright/test';
import { inUnit } from '../../resources/js/shared/lib/in-unit';

test('a sentence of the core is left as it is where millimetres are shown', () => {
    expect(inUnit('The rear stands to the right by 12.0 ± 0.4 mm, more than the 3 mm allowed.', 'mm')).toBe(
        'The rear stands to the right by 12.0 ± 0.4 mm, more than the 3 mm allowed.',
    );
});

test('what the core computed is rounded as in the table beside it, in either unit', () => {
    const said = 'AL moved 8.053 ± 2.312 mm forward, more than 2.5 mm.';
    expect(inUnit(said, 'mm')).toBe('AL moved 8.1 ± 2.3 mm forward, more than 2.5 mm.');
    expect(inUnit(said, 'in')).toBe('AL moved 0.317 ± 0.091 in forward, more than 0.098 in.');
});

test('an allowance that was given in sixteenths is rounded as on paper', () => {
    expect(inUnit('more than the 1.5875 mm allowed', 'mm')).toBe('more than the 1.6 mm allowed');
    expect(inUnit('more than the 1.5875 mm allowed', 'in')).toBe('more than the 0.063 in allowed');
});

test('its measures are said in thousandths of an inch where inches are shown', () => {
    expect(inUnit('The rear stands to the right by 12.7 ± 0.4 mm, more than the 3 mm allowed.', 'in')).toBe(
        'The rear stands to the right by 0.500 ± 0.016 in, more than the 0.118 in allowed.',
    );
    expect(inUnit('The plane falls −2.5 mm and 10 readings are left.', 'in')).toBe(
        'The plane falls −0.098 in and 10 readings are left.',
    );
});
