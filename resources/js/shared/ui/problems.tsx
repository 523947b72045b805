import { Trouble } from '@/shared/ui/trouble';

/** Everything that is wrong in a file or a table, row by row. */
export function Problems({ errors, what = 'It' }: { errors: Partial<Record<string, string>>; what?: string }) {
    const problems = Object.entries(errors).flatMap(([key, message]) => (key.startsWith('problem.') && message ? [message] : []));
    if (problems.length === 0) return null;
    return (
        <div role="alert">
            <Trouble
                title={problems.length === 1 ? `${what} was not taken in` : `${what} was not taken in: ${problems.length} things are wrong`}
            >
                <ul className="grid gap-1">
                    {problems.map((problem) => (
                        <li key={problem}>{problem}</li>
                    ))}
                </ul>
                <p className="mt-2 text-soft">Mend these in the file and take it in again. Nothing of it was kept.</p>
            </Trouble>
        </div>
    );
}
