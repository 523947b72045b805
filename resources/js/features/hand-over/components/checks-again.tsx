import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';

interface Check {
    what: string;
    when: string;
}

interface Props {
    checks: Check[];
    areUsual: boolean;
    canWork: boolean;
    onChange: (checks: Check[]) => void;
}

/** What is looked at again, and when: a date, or after how far. */
export function ChecksAgain({ checks, areUsual, canWork, onChange }: Props) {
    const put = (i: number, part: Partial<Check>) => onChange(checks.map((check, at) => (at === i ? { ...check, ...part } : check)));
    return (
        <section aria-labelledby="checks">
            <h2 id="checks" className="text-3xl">
                To be looked at again
            </h2>
            {areUsual && checks.length > 0 && <p className="text-sm text-soft">As shops usually have it; yours are kept in their place.</p>}
            <ul className="grid gap-2">
                {checks.map((check, i) => (
                    <li key={i} className="flex flex-wrap items-end gap-3">
                        <Field
                            label="What"
                            className="min-w-44 flex-[2]"
                            maxLength={160}
                            disabled={!canWork}
                            value={check.what}
                            onChange={(event) => put(i, { what: event.target.value })}
                        />
                        <Field
                            label="When"
                            className="min-w-28 flex-1"
                            maxLength={80}
                            disabled={!canWork}
                            value={check.when}
                            onChange={(event) => put(i, { when: event.target.value })}
                        />
                        {canWork && (
                            <Button
                                look="quiet"
                                aria-label={`Take out ${check.what || 'this one'}`}
                                onClick={() => onChange(checks.filter((_, at) => at !== i))}
                            >
                                Take out
                            </Button>
                        )}
                    </li>
                ))}
            </ul>
            {canWork && (
                <Button className="mt-2" onClick={() => onChange([...checks, { what: '', when: '' }])}>
                    Another one
                </Button>
            )}
        </section>
    );
}
