import { useEffect, useState } from 'react';
import { send } from '@/shared/lib/http';
import { path } from '@/shared/lib/path';
import type { DialProps } from '@/types/props';

const LOOK_EVERY_MS = 3000;

/** What a dial has sent of the shaft, looked at again while the page is in sight. */
export function useDial(job: number) {
    const [dial, setDial] = useState<DialProps | null>(null);
    const [trouble, setTrouble] = useState<string | null>(null);
    const at = path('dial', { job });
    useEffect(() => {
        let stopped = false;
        const look = async () => {
            const answer = await send<DialProps>('GET', at);
            if (!stopped && answer.state === 'ok') setDial(answer.body);
        };
        void look();
        const timer = setInterval(() => void (document.visibilityState === 'visible' && look()), LOOK_EVERY_MS);
        return () => {
            stopped = true;
            clearInterval(timer);
        };
    }, [at]);
    const change = async (method: 'POST' | 'DELETE', body: object) => {
        const answer = await send<DialProps>(method, at, body);
        if (answer.state === 'ok') setDial(answer.body);
        setTrouble(answer.state === 'ok' || answer.state === 'nothing' ? null : answer.message);
    };
    return {
        dial,
        trouble,
        listenTo: (instrument: number) => change('POST', { instrument }),
        clear: () => change('DELETE', {}),
    };
}
