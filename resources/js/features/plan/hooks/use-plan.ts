import { useRef, useState } from 'react';
import type { Unit } from '@/shared/lib/format';
import { send } from '@/shared/lib/http';
import { path } from '@/shared/lib/path';
import { typedValues } from '@/shared/lib/typed';
import type { OperationKindProps, OperationProps, PlanProps } from '@/types/props';

/** An operation as it is being typed, by the fields of its kind. */
export interface Draft {
    id: string;
    kind: string;
    values: Record<string, unknown>;
}

function draftOf(operation: OperationProps, kinds: OperationKindProps[], unit: Unit): Draft {
    const fields = kinds.find((one) => one.kind === operation.kind)?.fields ?? [];
    return { id: operation.id, kind: operation.kind, values: typedValues(fields, operation.values, unit) };
}

/** The plan as saved, and the operations as they are being typed; the server says what comes of them. */
export function usePlan(job: number, initial: PlanProps, unit: Unit) {
    const drafted = (of: PlanProps, inUnit: Unit) => of.operations.map((operation) => draftOf(operation, of.kinds, inUnit));
    const [plan, setPlan] = useState(initial);
    const [drafts, setDrafts] = useState(() => drafted(initial, unit));
    const [draftUnit, setDraftUnit] = useState(unit);
    const [refusal, setRefusal] = useState<{ message: string; fields: Record<string, string> } | null>(null);
    const [busy, setBusy] = useState(false);
    // Quick presses of an arrow key are saved one after the other, and only the last answer is shown.
    const before = useRef<Promise<unknown>>(Promise.resolve());
    const asked = useRef(0);
    const revision = useRef(initial.revision);

    if (draftUnit !== unit) {
        setDraftUnit(unit);
        setDrafts(drafted(plan, unit));
    }

    const save = async (next: Draft[]) => {
        setDrafts(next);
        setBusy(true);
        const mine = ++asked.current;
        const request = before.current.then(async () => {
            const answer = await send<PlanProps>(
                'PUT',
                path('plan.save', { job }),
                { unit, operations: next.map(({ id, kind, values }) => ({ ...values, id, kind })) },
                { revision: revision.current },
            );
            if (answer.state === 'ok') revision.current = answer.body.revision;
            return answer;
        });
        before.current = request;
        const answer = await request;
        if (mine !== asked.current) return;
        setBusy(false);
        if (answer.state === 'ok') {
            setPlan(answer.body);
            // What was begun while the request was on its way is not in the answer and stays.
            setDrafts((now) => [...drafted(answer.body, unit), ...now.filter((draft) => !next.some((sent) => sent.id === draft.id))]);
            setRefusal(null);
        } else if (answer.state === 'refused') {
            setRefusal(answer);
        } else if (answer.state === 'unreachable') {
            setRefusal({ message: answer.message, fields: {} });
        }
    };

    const edit = (id: string, change: Partial<Draft>) =>
        setDrafts((now) => now.map((draft) => (draft.id === id ? { ...draft, ...change } : draft)));

    const add = (kind: OperationKindProps) => {
        const [front = 0, rear = 0] = plan.rail ?? [];
        const id = `op${1 + Math.max(0, ...drafts.map((draft) => Number(draft.id.replace(/\D/g, '')) || 0))}`;
        const middle = Math.round((front + rear) / 20) * 10;
        const stations = Object.fromEntries(kind.fields.filter((field) => field.isStation).map((field) => [field.name, middle]));
        const values = typedValues(kind.fields, { ...kind.proposed, ...stations }, unit);
        setDrafts((now) => [...now, { id, kind: kind.kind, values }]);
    };

    const change = async (method: 'POST' | 'DELETE', to: string, body: Record<string, unknown>) => {
        const answer = await send<PlanProps>(method, to, body, { revision: revision.current });
        if (answer.state === 'ok') {
            revision.current = answer.body.revision;
            setPlan(answer.body);
            setDrafts(drafted(answer.body, unit));
            setRefusal(null);
        } else if (answer.state !== 'nothing') {
            setRefusal({ message: answer.message, fields: {} });
        }
    };
    const toVariant = (variant: string) => change('POST', path('plan.variant', { job }), { variant });
    const startFrom = (survey: string) => change('POST', path('plan.start', { job }), { survey });
    const dropVariant = (variant: string) => change('DELETE', path('plan.drop-variant', { job, variant }), {});

    return { plan, drafts, refusal, busy, save, edit, add, toVariant, dropVariant, startFrom };
}
