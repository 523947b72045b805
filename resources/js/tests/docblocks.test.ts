import { readdirSync, readFileSync } from 'node:fs';
import { expect, test } from 'vitest';

const shared = new URL('../shared/', import.meta.url);

test.each(readdirSync(new URL('hooks/', shared)))('the shared hook %s says what it is for, and so does everything it hands out', (file) => {
    const lines = readFileSync(new URL(`hooks/${file}`, shared), 'utf8').split('\n');
    const undocumented = lines.filter(
        (line, i) => /^export (default )?function /.test(line) && !(lines[i - 1] ?? '').trim().endsWith('*/'),
    );
    expect(undocumented).toEqual([]);
});
