import { router } from '@inertiajs/react';
import { useEffect, useRef, useState } from 'react';
import { path } from '@/shared/lib/path';
import { Field } from '@/shared/ui/field';
import { Select } from '@/shared/ui/select';
import type { JobsAskedProps } from '@/types/props';

const SOON_MS = 250;

const SORTED: Record<string, string> = { changed: 'changed last', started: 'started last', title: 'title', vehicle: 'vehicle' };

/** Finds jobs among hundreds; what is asked stands in the address, so that it can be kept and gone back to. */
export function JobSearch({ asked }: { asked: JobsAskedProps }) {
    const [typed, setTyped] = useState(asked.search);
    const latest = useRef(asked);
    useEffect(() => {
        latest.current = asked;
    });
    const ask = (change: Partial<Record<'q' | 'stage' | 'state' | 'sort', string>>) =>
        router.get(path('jobs'), query(latest.current, change), { preserveState: true, preserveScroll: true, replace: true });
    const soon = useRef<ReturnType<typeof setTimeout>>(undefined);
    const search = (q: string) => {
        setTyped(q);
        clearTimeout(soon.current);
        soon.current = setTimeout(() => ask({ q }), SOON_MS);
    };
    return (
        <search className="mb-4 grid gap-3 sm:grid-cols-[2fr_1fr_1fr_1fr]">
            <Field
                label="Find: title, vehicle, plate, frame number, customer reference"
                type="search"
                value={typed}
                onChange={(event) => search(event.target.value)}
            />
            <Select
                label="Needs next"
                value={asked.stage}
                choices={[{ value: '', label: 'anything' }, ...asked.stages.map((one) => ({ value: one.name, label: one.label }))]}
                onChange={(stage) => ask({ stage })}
            />
            <Select
                label="State"
                value={asked.state}
                choices={asked.states.map((one) => ({ value: one, label: one }))}
                onChange={(state) => ask({ state })}
            />
            <Select
                label="In the order of"
                value={asked.sort}
                choices={asked.sorts.map((one) => ({ value: one, label: SORTED[one] ?? one }))}
                onChange={(sort) => ask({ sort })}
            />
        </search>
    );
}

/** What the address says; what is as usual is left out of it. */
export function query(
    asked: JobsAskedProps,
    change: Partial<Record<'q' | 'stage' | 'state' | 'sort' | 'page', string>>,
): Record<string, string> {
    const all = {
        q: asked.search,
        stage: asked.stage,
        state: asked.state === 'at hand' ? '' : asked.state,
        sort: asked.sort === 'changed' ? '' : asked.sort,
        page: '',
        ...change,
    };
    return Object.fromEntries(Object.entries(all).filter(([, value]) => value !== ''));
}
