import type { LogEntryProps } from '@/types/props';

const SAID = new Set(['begun', 'done', 'otherwise', 'reopened', 'stop']);

/** Steps of which the last that was said is that they were begun: one that was opened again is begun anew. The log stands newest first. */
export function begunSteps(log: LogEntryProps[]): Set<string> {
    const last = new Map<string, string>();
    for (const entry of log) {
        if (SAID.has(entry.kind) && !entry.isSuperseded && !last.has(entry.step)) {
            last.set(entry.step, entry.kind);
        }
    }
    return new Set([...last].filter(([, kind]) => kind === 'begun').map(([step]) => step));
}
