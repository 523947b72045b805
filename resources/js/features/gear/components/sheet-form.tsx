import { useState, type FormEvent } from 'react';
import { useUnits } from '@/shared/hooks/units';
import { send } from '@/shared/lib/http';
import { path } from '@/shared/lib/path';
import { typedValues } from '@/shared/lib/typed';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import { FieldInputs, Surveyed } from '@/shared/ui/field-inputs';
import { Trouble } from '@/shared/ui/trouble';
import type { GearPageProps, SurveyedPointProps, ToolProps, WorksheetProps } from '@/types/props';

interface Props {
    job: number;
    tool: ToolProps;
    /** What is known already (mm). */
    values: Record<string, unknown>;
    title: string;
    /** The sheet that is changed; null for a new one. */
    sheet: WorksheetProps | null;
    /** Points to take places from. */
    surveyed: SurveyedPointProps[];
    onKept: (gear: GearPageProps) => void;
    onClose: () => void;
}

/** The numbers of a sheet: what the job knows stands there, the rest is measured and typed. */
export function SheetForm({ job, tool, values: known, title: called, sheet, surveyed, onKept, onClose }: Props) {
    const { unit } = useUnits();
    const [typedIn, setTypedIn] = useState(unit);
    const [values, setValues] = useState<Record<string, unknown>>(() => typedValues(tool.fields, known, unit));
    const [title, setTitle] = useState(called);
    const [refusal, setRefusal] = useState<{ message: string; fields: Record<string, string> } | null>(null);
    const [points, setPoints] = useState<Record<string, string>>({ ...sheet?.points });
    const [busy, setBusy] = useState(false);
    const keep = async (event: FormEvent) => {
        event.preventDefault();
        setBusy(true);
        const body = { tool: tool.name, title, unit: typedIn, values, points };
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
            <Surveyed
                value={{
                    points: surveyed,
                    taken: points,
                    take: (at, point) => {
                        setPoints((all) => taken(all, at, point));
                        // What the survey said of all wheels together is no longer of these.
                        if (point === null && at in points)
                            setValues((all) => Object.fromEntries(Object.entries(all).filter(([name]) => name !== 'covariance')));
                    },
                    forget: (within) =>
                        setPoints((all) => Object.fromEntries(Object.entries(all).filter(([at]) => !at.startsWith(within)))),
                }}
            >
                <FieldInputs fields={tool.fields} unit={typedIn} values={values} onChange={setValues} errors={refusal?.fields ?? {}} />
            </Surveyed>
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

/** The places that are a point's, with one taken or given up. */
function taken(all: Record<string, string>, at: string, point: string | null): Record<string, string> {
    const rest = Object.fromEntries(Object.entries(all).filter(([one]) => one !== at));
    return point === null ? rest : { ...rest, [at]: point };
}
