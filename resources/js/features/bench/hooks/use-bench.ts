import { useRef, useState } from 'react';
import { send, type Answer } from '@/shared/lib/http';
import { newId } from '@/shared/lib/new-id';
import { path } from '@/shared/lib/path';
import type { BenchProps } from '@/types/props';

type Fields = Record<string, string>;

/** The bench as the server knows it; what was typed stays until it is taken. */
export function useBench(job: number, initial: BenchProps) {
    const [bench, setBench] = useState(initial);
    const [errors, setErrors] = useState<Fields>({});
    const [trouble, setTrouble] = useState<string | null>(null);
    const form = useRef(newId());
    const take = (answer: Answer<BenchProps>): boolean => {
        if (answer.state === 'ok') {
            setBench(answer.body);
            setErrors({});
            setTrouble(null);
            form.current = newId();
            return true;
        }
        const fields = answer.state === 'refused' ? answer.fields : {};
        setErrors(fields);
        setTrouble(answer.state === 'nothing' || Object.keys(fields).length > 0 ? null : answer.message);
        return false;
    };
    return {
        bench,
        errors,
        trouble,
        saveJig: async (jig: Record<string, unknown>) =>
            take(await send<BenchProps>('PUT', path('bench.save', { job }), jig, { revision: bench.revision })),
        addRound: async (round: Record<string, unknown>) =>
            take(await send<BenchProps>('POST', path('bench.round', { job }), round, { form: form.current })),
    };
}
