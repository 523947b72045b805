import { useRef, useState } from 'react';
import type { Unit } from '@/shared/lib/format';
import { send } from '@/shared/lib/http';
import { path } from '@/shared/lib/path';
import { typedValues } from '@/shared/lib/typed';
import type { ChassisListProps, ChassisProps } from '@/types/props';

export interface Row {
    id: string;
    values: Record<string, unknown>;
}

export interface Refusal {
    message: string;
    fields: Record<string, string>;
}

/** The rows of a list as a form holds them. */
export function rowsOf(list: ChassisListProps, unit: Unit): Row[] {
    return list.rows.map((row) => ({ id: String(row.id), values: typedValues(list.fields, row, unit) }));
}

/** The frame as it is kept; each list is sent as a whole, and what the server refuses is told where it stands. */
export function useChassis(job: number, initial: ChassisProps, unit: Unit) {
    const [chassis, setChassis] = useState(initial);
    const [refusal, setRefusal] = useState<Refusal | null>(null);
    const [busy, setBusy] = useState(false);
    const revision = useRef(initial.revision);

    const ask = async (method: 'PUT' | 'POST', to: string, body: Record<string, unknown>): Promise<boolean> => {
        setBusy(true);
        const answer = await send<ChassisProps>(method, to, body, { revision: revision.current });
        setBusy(false);
        if (answer.state === 'ok') {
            revision.current = answer.body.revision;
            setChassis(answer.body);
            setRefusal(null);
            return true;
        }
        if (answer.state === 'refused') setRefusal(answer);
        if (answer.state === 'unreachable') setRefusal({ message: answer.message, fields: {} });
        return false;
    };

    return {
        chassis,
        refusal,
        busy,
        forget: () => setRefusal(null),
        save: (list: string, rows: Row[]) =>
            ask('PUT', path('chassis.save', { job }), { unit, list, rows: rows.map((row) => ({ ...row.values, id: row.id })) }),
        quick: (values: Record<string, unknown>) => ask('POST', path('chassis.quick', { job }), { unit, ...values }),
    };
}
