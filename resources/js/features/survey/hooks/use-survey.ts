import { useCallback, useEffect, useRef, useState } from 'react';
import { send, type Answer } from '@/shared/lib/http';
import { path } from '@/shared/lib/path';
import type { SurveyProps } from '@/types/props';

const NEWS_EVERY_MS = 2000;

/** The same state once more means that a newer one is being computed for somebody else. */
const SOON_MS = 500;

interface Changed {
    survey: SurveyProps;
    stored?: string;
    undone?: string | null;
}

/** The survey as the server knows it, kept fresh while others enter readings too. */
export function useSurvey(job: number, code: string, initial: SurveyProps) {
    const [survey, setSurvey] = useState(initial);
    const latest = useRef(initial);
    const params = { job, survey: code };

    const take = useCallback((next: SurveyProps) => {
        // An answer may overtake a later one; the revision says which is newer.
        if (next.revision >= latest.current.revision) {
            latest.current = next;
            setSurvey(next);
        }
    }, []);

    useEffect(() => {
        let stopped = false;
        let soon: ReturnType<typeof setTimeout> | undefined;
        const ask = async (again = true) => {
            const { revision, present } = latest.current;
            const url = `${path('survey.state', { job, survey: code })}?since=${revision}&present=${encodeURIComponent(present.join(','))}`;
            const answer = await send<SurveyProps>('GET', url);
            if (stopped || answer.state !== 'ok') return;
            if (again && answer.body.revision <= revision) soon = setTimeout(() => void ask(false), SOON_MS);
            take(answer.body);
        };
        const timer = setInterval(() => void (document.visibilityState === 'visible' && ask()), NEWS_EVERY_MS);
        return () => {
            stopped = true;
            clearInterval(timer);
            clearTimeout(soon);
        };
    }, [job, code, take]);

    const change = async (url: string, body: unknown, method: 'POST' | 'DELETE' = 'POST'): Promise<Answer<Changed>> => {
        const answer = await send<Changed>(method, url, body);
        if (answer.state === 'ok') take(answer.body.survey);
        return answer;
    };

    return {
        survey,
        take,
        strike: (reading: string, reason: string) => change(path('reading.strike', { ...params, reading }), { reason }),
        restore: (reading: string) => change(path('reading.restore', { ...params, reading }), {}),
        block: (kind: string, points: string[]) => change(path('blocked', params), { kind, points }),
        free: (reading: string) => change(path('blocked.free', params), { reading }, 'DELETE'),
        decideDatum: (point: string, choice: 'in' | 'out' | 'tested', reason: string) =>
            change(path('datum', params), { point, choice, reason }),
        undo: () => change(path('readings.undo', params), {}),
    };
}
