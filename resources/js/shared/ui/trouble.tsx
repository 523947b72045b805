import type { ReactNode } from 'react';

/** Something that keeps the work from going on, and what to do about it. */
export function Trouble({ title, children }: { title: string; children: ReactNode }) {
    return (
        <div role="status" className="border-l-[6px] border-out bg-paper px-4 py-3">
            <p className="font-head text-xl font-semibold">{title}</p>
            <div className="mt-1">{children}</div>
        </div>
    );
}
