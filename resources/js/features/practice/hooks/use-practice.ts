import { useState } from 'react';
import { send, type Answer } from '@/shared/lib/http';
import { path } from '@/shared/lib/path';
import type { PracticeProps } from '@/types/props';

export interface Stated {
    pattern: string;
    section: string;
    positive: boolean;
    side: string | null;
}

/** An exercise: readings asked of the helper, and the one answer. */
export function usePractice(initial: PracticeProps) {
    const [run, setRun] = useState(initial);
    const [trouble, setTrouble] = useState<string | null>(null);
    const take = (answer: Answer<PracticeProps>): boolean => {
        if (answer.state === 'ok') {
            setRun(answer.body);
            setTrouble(null);
            return true;
        }
        setTrouble(answer.state === 'nothing' ? null : answer.message);
        return false;
    };
    return {
        run,
        trouble,
        measure: async (call: string) => take(await send<PracticeProps>('POST', path('practice.measure', { run: run.id }), { call })),
        answer: async (findings: Stated[], readings: number[]) =>
            take(await send<PracticeProps>('POST', path('practice.answer', { run: run.id }), { findings, readings })),
    };
}
