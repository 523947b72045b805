import { useEffect, useState } from 'react';
import { speak } from '@/features/run/lib/speak';

/** For who works alone: the screen is kept awake, and what comes next and what was answered are read aloud. */
export function useAlone(next: string, answer: string) {
    const [isAlone, setAlone] = useState(false);
    useEffect(() => {
        if (!isAlone || !('wakeLock' in navigator)) return;
        let lock: WakeLockSentinel | null = null;
        // A browser lets go of it whenever the page is out of sight.
        const hold = async () => {
            if (document.visibilityState === 'visible') lock = await navigator.wakeLock.request('screen').catch(() => null);
        };
        void hold();
        const onSight = () => void hold();
        document.addEventListener('visibilitychange', onSight);
        return () => {
            document.removeEventListener('visibilitychange', onSight);
            void lock?.release();
        };
    }, [isAlone]);
    useEffect(() => {
        if (isAlone) speak([answer, next && `Next: ${next}`].filter(Boolean).join('. '));
    }, [isAlone, next, answer]);
    return { isAlone, setAlone };
}
