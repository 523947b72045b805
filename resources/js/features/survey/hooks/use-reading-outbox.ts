import type { Queued } from '@/offline/outbox-store';
import { useOutbox, type Outcome } from '@/offline/use-outbox';
import { send } from '@/shared/lib/http';
import type { SurveyProps } from '@/types/props';

/** A reading as it was typed. */
export interface Entry extends Queued {
    call: string;
    unit: 'mm' | 'in';
    supersedes: string | null;
    instrument: number | null;
}

interface Stored {
    survey: SurveyProps;
    stored: string;
}

export type ReadingOutcome = Outcome<Entry, Stored>;

/** Readings on their way to the server. */
export function useReadingOutbox(url: string, person: number, onOutcome: (outcome: ReadingOutcome) => 'taken' | undefined) {
    return useOutbox<Entry, Stored>({ queue: `${person} ${url}`, send: (entry) => send('POST', url, entry), onOutcome });
}
