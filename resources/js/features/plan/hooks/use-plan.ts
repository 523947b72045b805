import { useRef, useState } from 'react';
import type { Unit } from '@/shared/lib/format';
import { send } from '@/shared/lib/http';
import { path } from '@/shared/lib/path';
import type { OperationProps, PlanProps } from '@/types/props';

/** An operation as it is being typed. */
export interface Draft {
    id: string;
    kind: 'stretch' | 'shorten';
    at: string;
    length: string;
    kerf: string;
    witness: string;
    level: boolean;
}

function typed(mm: number, unit: Unit): string {
    return String(Number((unit === 'mm' ? mm : mm / 25.4).toFixed(unit === 'mm' ? 2 : 4)));
}

export function draftOf(operation: OperationProps, unit: Unit): Draft {
    const { id, kind, level } = operation;
    return {
        id,
        kind,
        level,
        at: typed(operation.at, unit),
        length: typed(operation.length, unit),
        kerf: typed(operation.kerf, unit),
        witness: typed(operation.witness, unit),
    };
}

/** The plan as saved, and the operations as they are being typed; the server says what comes of them. */
export function usePlan(job: number, initial: PlanProps, unit: Unit) {
    const [plan, setPlan] = useState(initial);
    const [drafts, setDrafts] = useState(() => initial.operations.map((operation) => draftOf(operation, unit)));
    const [draftUnit, setDraftUnit] = useState(unit);
    const [refusal, setRefusal] = useState<{ message: string; fields: Record<string, string> } | null>(null);
    const [busy, setBusy] = useState(false);
    // Quick presses of an arrow key are saved one after the other, and only the last answer is shown.
    const before = useRef<Promise<unknown>>(Promise.resolve());
    const asked = useRef(0);
    const revision = useRef(initial.revision);

    if (draftUnit !== unit) {
        setDraftUnit(unit);
        setDrafts(plan.operations.map((operation) => draftOf(operation, unit)));
    }

    const save = async (next: Draft[]) => {
        setDrafts(next);
        setBusy(true);
        const mine = ++asked.current;
        const request = before.current.then(async () => {
            const answer = await send<PlanProps>(
                'PUT',
                path('plan.save', { job }),
                { unit, operations: next },
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
            setDrafts(answer.body.operations.map((operation) => draftOf(operation, unit)));
            setRefusal(null);
        } else if (answer.state === 'refused') {
            setRefusal(answer);
        } else if (answer.state === 'unreachable') {
            setRefusal({ message: answer.message, fields: {} });
        }
    };

    const edit = (id: string, change: Partial<Draft>) =>
        setDrafts((now) => now.map((draft) => (draft.id === id ? { ...draft, ...change } : draft)));

    const add = (kind: Draft['kind']) => {
        const [front = 0, rear = 0] = plan.rail ?? [];
        const id = `op${1 + Math.max(0, ...drafts.map((draft) => Number(draft.id.replace(/\D/g, '')) || 0))}`;
        const at = typed(Math.round((front + rear) / 20) * 10, unit);
        setDrafts((now) => [...now, { id, kind, at, length: '', kerf: typed(3, unit), witness: typed(100, unit), level: false }]);
    };

    return { plan, drafts, refusal, busy, save, edit, add };
}
