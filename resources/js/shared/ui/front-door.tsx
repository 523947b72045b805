import { Head } from '@inertiajs/react';
import type { FormEvent, ReactNode } from 'react';

interface Props {
    title: string;
    onSubmit: (event: FormEvent) => void;
    children: ReactNode;
}

/** A form that stands alone, for somebody who is not logged in. */
export function FrontDoor({ title, onSubmit, children }: Props) {
    return (
        <main className="grid min-h-dvh place-items-center p-6">
            <Head title={title} />
            <form onSubmit={onSubmit} className="grid w-full max-w-md gap-5" noValidate>
                <p className="font-head text-2xl font-semibold tracking-[0.12em]">GEODEX</p>
                <h1 className="text-4xl">{title}</h1>
                {children}
            </form>
        </main>
    );
}
