import type { ReactNode } from 'react';
import type { useAsked } from '@/features/plan/hooks/use-asked';
import { useUnits } from '@/shared/hooks/units';
import { Button } from '@/shared/ui/button';
import { FieldInputs } from '@/shared/ui/field-inputs';
import { Trouble } from '@/shared/ui/trouble';
import type { FieldProps } from '@/types/props';

interface Props<T> {
    title: string;
    note: string;
    fields: FieldProps[];
    asked: ReturnType<typeof useAsked<T>>;
    action: string;
    children: ReactNode;
}

/** A question to the server with its fields above and its answer below. */
export function AskedForm<T>({ title, note, fields, asked, action, children }: Props<T>) {
    const { unit } = useUnits();
    return (
        <section>
            <h2 className="mb-1 text-2xl">{title}</h2>
            <p className="mb-2 text-soft">{note}</p>
            <form
                aria-label={title}
                onSubmit={(event) => {
                    event.preventDefault();
                    void asked.ask();
                }}
            >
                <div className="grid grid-cols-2 gap-3">
                    <FieldInputs
                        fields={fields}
                        unit={unit}
                        values={asked.values}
                        onChange={asked.setValues}
                        errors={asked.refusal?.fields ?? {}}
                    />
                </div>
                <Button type="submit" className="mt-3">
                    {action}
                </Button>
            </form>
            {asked.refusal && (
                <div role="alert" className="mt-2">
                    <Trouble title="Not worked out">{asked.refusal.message}</Trouble>
                </div>
            )}
            {children}
        </section>
    );
}
