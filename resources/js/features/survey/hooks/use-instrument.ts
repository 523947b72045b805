import { useState } from 'react';
import { send } from '@/shared/lib/http';
import { newId } from '@/shared/lib/new-id';
import { path } from '@/shared/lib/path';
import type { InstrumentProps, JobProps, NextProps, SurveyProps } from '@/types/props';

interface Asked {
    stored: string | null;
    survey: SurveyProps;
}

const KEY = 'geodex.instrument';

/** The tool that one reads with, kept in this browser, and the readings asked of it. */
export function useInstrument(
    job: JobProps,
    instruments: InstrumentProps[],
    onAnswer: (survey: SurveyProps, id: string | null, trouble: string | null) => void,
) {
    const [id, setId] = useState<number | null>(() => Number(localStorage.getItem(KEY)) || null);
    const [asked, setAsked] = useState<string | null>(null);
    const chosen = instruments.find((one) => one.id === id) ?? null;
    return {
        chosen,
        /** Waits until the reading that was asked for is in the log. */
        isWaiting: (survey: SurveyProps) => asked !== null && !survey.readings.some((reading) => reading.id === asked),
        choose: (next: number | null) => {
            setId(next);
            if (next === null) localStorage.removeItem(KEY);
            else localStorage.setItem(KEY, String(next));
        },
        take: async (next: NextProps, survey: SurveyProps) => {
            if (chosen === null) return;
            const reading = newId();
            setAsked(reading);
            const answer = await send<Asked>('POST', path('instrument.ask', { job: job.id, survey: job.survey }), {
                instrument: chosen.id,
                id: reading,
                call: next.call,
            });
            if (answer.state === 'ok') onAnswer(answer.body.survey, answer.body.stored, null);
            else {
                setAsked(null);
                onAnswer(survey, null, answer.state === 'nothing' ? null : answer.message);
            }
        },
    };
}
