import { useState } from 'react';
import type { Unit } from '@/shared/lib/format';
import { send } from '@/shared/lib/http';

/** A form that asks the server something and shows what it says; nothing is stored. */
export function useAsked<T>(to: string, unit: Unit) {
    const [values, setValues] = useState<Record<string, unknown>>({});
    const [answer, setAnswer] = useState<T | null>(null);
    const [refusal, setRefusal] = useState<{ message: string; fields: Record<string, string> } | null>(null);
    const ask = async () => {
        const said = await send<T>('POST', to, { unit, values });
        if (said.state === 'ok') {
            setAnswer(said.body);
            setRefusal(null);
        } else if (said.state !== 'nothing') {
            setRefusal({ message: said.message, fields: said.state === 'refused' ? said.fields : {} });
        }
    };
    return { values, setValues, answer, refusal, ask };
}
