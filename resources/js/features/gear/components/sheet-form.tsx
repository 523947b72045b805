import { useState, type FormEvent } from 'react';
import { useUnits } from '@/shared/hooks/units';
import { send } from '@/shared/lib/http';
import { path } from '@/shared/lib/path';
import { typedValues } from '@/shared/lib/typed';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import { FieldInputs } from '@/shared/ui/field-inputs';
import { Trouble } from '@/shared/ui/trouble';
import type { GearPageProps, ToolProps, WorksheetProps } from '@/types/props';

interface Props {
    job: number;
    tool: ToolProps;
    /** What is known already (mm). */
    values: Record<string, unknown>;
    title: string;
    /** The sheet that is changed; null for a new one. */
    sheet: WorksheetProps | null;
    onKept: (gear: GearPageProps) => void;
    onClose: () => void;
}

/** The numbers of a sheet: what the job knows stands there, the rest is measured and typed. */
export function SheetForm({ job, tool, values: known, title: called, sheet, onKept, onClose }: Props) {
    const { unit } = useUnits();
    const [typedIn, setTypedIn] = useState(unit);
    const [values, setValues] = useState<Record<string, unknown>>(() => typedValues(tool.fields, known, unit));
    const [title, setTitle] = useState(called);
    const [refusal, setRefusal] = useState<{ message: string; fields: Record<string, string> } | null>(null);
    const [busy, setBusy] = useState(false);
    const keep = async (event: FormEvent) => {
        event.preventDefault();
        setBusy(true);
        const body = { tool: tool.name, title, unit: typedIn, values };
        const answer =
            sheet === null
                ? await send<GearPageProps>('POST', path('gear.keep', { job }), body)
                : await send<GearPageProps>('PUT', path('gear.change', { job, worksheet: sheet.id }), body, { revision: sheet.revision });
        setBusy(false);
        if (answer.state === 'ok') onKept(answer.body);
        else if (answer.state !== 'nothing')
            setRefusal({ message: answer.message, fields: answer.state === 'refused' ? answer.fields : {} });
    };
    return (
        <form
            aria-label={`${tool.title}: a sheet`}
            className="grid gap-4 border border-ink p-4"
            noValidate
            aria-busy={busy}
            onSubmit={(event) => void keep(event)}
        >
            <Field label="Name of this sheet, if any" value={title} maxLength={120} onChange={(event) => setTitle(event.target.value)} />
            {unit !== typedIn && (
                <p role="status">
                    This sheet is being typed in {typedIn}.{' '}
                    <button type="button" className="min-h-11 underline underline-offset-4" onClick={() => setTypedIn(unit)}>
                        Bare numbers are {unit} from now on
                    </button>
                </p>
            )}
            <FieldInputs fields={tool.fields} unit={typedIn} values={values} onChange={setValues} errors={refusal?.fields ?? {}} />
            {refusal && (
                <div role="alert">
                    <Trouble title="Not kept">{refusal.message}</Trouble>
                </div>
            )}
            <div className="flex flex-wrap gap-3">
                <Button type="submit" look="now" disabled={busy}>
                    Work it out and keep it
                </Button>
                <Button look="quiet" onClick={onClose}>
                    Leave it
                </Button>
            </div>
        </form>
    );
}
