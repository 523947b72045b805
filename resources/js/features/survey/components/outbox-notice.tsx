import type { Entry } from '@/features/survey/hooks/use-reading-outbox';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { Trouble } from '@/shared/ui/trouble';

interface Props {
    waiting: Entry[];
    /** Those that the server does not take as they are. */
    aside: Entry[];
    trouble: { message: string; login: boolean } | null;
    onAgain: () => void;
    onEdit: (entry: Entry) => void;
    onDrop: (entry: Entry) => void;
}

/** Readings that the server has not taken yet, and why. */
export function OutboxNotice(props: Props) {
    return (
        <>
            <Aside {...props} />
            <Waiting {...props} />
        </>
    );
}

function Aside({ aside, onEdit, onDrop }: Props) {
    if (aside.length === 0) return null;
    return (
        <Trouble title={aside.length === 1 ? 'One reading was not taken' : `${aside.length} readings were not taken`}>
            <ul>
                {aside.map((entry) => (
                    <li key={entry.id} className="border-t border-line py-1 first:border-t-0">
                        <p className="font-medium">
                            {entry.call} <span className="text-soft">{entry.unit}</span>
                        </p>
                        <p className="text-sm leading-snug">{entry.aside}</p>
                        <div className="mt-1 flex flex-wrap gap-2">
                            <Button onClick={() => onEdit(entry)} aria-label={`Edit ${entry.call}`}>
                                Edit
                            </Button>
                            <Button look="quiet" onClick={() => onDrop(entry)} aria-label={`Drop ${entry.call}`}>
                                Drop
                            </Button>
                        </div>
                    </li>
                ))}
            </ul>
        </Trouble>
    );
}

function Waiting({ waiting, trouble, onAgain }: Props) {
    if (waiting.length === 0 || !trouble) return null;
    return (
        <Trouble title={waiting.length === 1 ? 'One reading is not stored yet' : `${waiting.length} readings are not stored yet`}>
            <p>{trouble.message}</p>
            <ul className="my-1 font-medium">
                {waiting.map((entry) => (
                    <li key={entry.id}>
                        {entry.call} <span className="text-soft">{entry.unit}</span>
                    </li>
                ))}
            </ul>
            {trouble.login ? (
                <a className="inline-flex min-h-11 items-center font-medium underline underline-offset-4" href={path('login')}>
                    Log in again
                </a>
            ) : (
                <Button onClick={onAgain}>Try now</Button>
            )}
        </Trouble>
    );
}
