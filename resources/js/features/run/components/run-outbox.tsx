import type { Entry } from '@/features/run/hooks/use-run';
import { Button } from '@/shared/ui/button';
import { Trouble } from '@/shared/ui/trouble';
import { path } from '@/shared/lib/path';

const KINDS: Record<string, string> = {
    begun: 'begun',
    done: 'done',
    reopened: 'not done',
    run: 'weld run',
    temperature: 'temperature',
    note: 'note',
    otherwise: 'not as planned',
    stop: 'stop',
    picture: 'picture',
    voice: 'voice note',
};

interface Props {
    titles: Record<string, string>;
    /** When the sheet was told. */
    at: string;
    silent: boolean;
    waiting: Entry[];
    aside: Entry[];
    trouble: { message: string; login: boolean } | null;
    onAgain: () => void;
    onDespite: (entry: Entry) => void;
    onDrop: (entry: Entry) => void;
}

/** What is written down here and not stored yet, and what the server does not take as it is. */
export function RunOutbox({ titles, at, silent, waiting, aside, trouble, onAgain, onDespite, onDrop }: Props) {
    const called = (entry: Entry) => [titles[entry.step], KINDS[entry.kind], entry.text].filter(Boolean).join(', ');
    return (
        <>
            {silent && (
                <Trouble title="No connection to the server">
                    <p>
                        The sheet is as it stood at {new Date(at).toLocaleTimeString()}. Go on: what you write is kept in this browser, and
                        sent by itself. Hold points that are measured are judged then.
                    </p>
                </Trouble>
            )}
            {waiting.length > 0 && (silent || trouble) && (
                <Trouble title={waiting.length === 1 ? 'One entry waits to be sent' : `${waiting.length} entries wait to be sent`}>
                    <ul>
                        {waiting.map((entry) => (
                            <li key={entry.id}>◷ {called(entry)}</li>
                        ))}
                    </ul>
                    {trouble?.login ? (
                        <a className="inline-flex min-h-11 items-center font-medium underline underline-offset-4" href={path('login')}>
                            Log in again
                        </a>
                    ) : (
                        <Button onClick={onAgain}>Try now</Button>
                    )}
                </Trouble>
            )}
            {aside.length > 0 && (
                <Trouble title={aside.length === 1 ? 'One entry was not taken' : `${aside.length} entries were not taken`}>
                    <ul>
                        {aside.map((entry) => (
                            <li key={entry.id} className="border-t border-line py-2 first:border-t-0">
                                <p className="font-medium">{called(entry)}</p>
                                <p className="text-sm">{entry.aside}</p>
                                <div className="mt-1 flex flex-wrap gap-2">
                                    <Button onClick={() => onDespite(entry)}>It holds all the same</Button>
                                    <Button look="quiet" onClick={() => onDrop(entry)}>
                                        Drop it
                                    </Button>
                                </div>
                            </li>
                        ))}
                    </ul>
                </Trouble>
            )}
        </>
    );
}
