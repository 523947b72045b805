import type { Entry } from '@/features/survey/hooks/use-outbox';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { Trouble } from '@/shared/ui/trouble';

interface Props {
    waiting: Entry[];
    trouble: { message: string; login: boolean } | null;
    onAgain: () => void;
}

/** Readings that the server has not taken yet, and why. */
export function OutboxNotice({ waiting, trouble, onAgain }: Props) {
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
