import { useEffect, useState } from 'react';
import { send } from '@/shared/lib/http';
import { path } from '@/shared/lib/path';
import type { SectionProps } from '@/types/props';

/** A slider moves faster than a server answers (ms). */
const SETTLE_MS = 120;

/** The section of a rail at a station, asked for when the station rests. */
export function useSection(job: number, station: number, side: 'left' | 'right', revision: string) {
    const [section, setSection] = useState<SectionProps | null>(null);
    useEffect(() => {
        let isWanted = true;
        const timer = setTimeout(() => {
            void send<{ section: SectionProps | null }>('GET', `${path('chassis.section', { job })}?station=${station}&side=${side}`).then(
                (answer) => {
                    if (isWanted && answer.state === 'ok') setSection(answer.body.section);
                },
            );
        }, SETTLE_MS);
        return () => {
            isWanted = false;
            clearTimeout(timer);
        };
    }, [job, station, side, revision]);
    return section;
}
