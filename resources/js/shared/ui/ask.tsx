import { Popover } from 'radix-ui';
import type { ReactNode } from 'react';
import { provenance } from '@/types/provenance';

interface Props {
    about: keyof typeof provenance;
    inputs?: string;
    children: ReactNode;
    className?: string;
}

/** A number that can be asked where it comes from. */
export function Ask({ about, inputs, children, className = '' }: Props) {
    const { title, formula, source, limit } = provenance[about];
    return (
        <Popover.Root>
            <Popover.Trigger
                className={`-mx-1 rounded-[3px] px-1 text-inherit decoration-dotted decoration-1 underline-offset-4 hover:underline ${className}`}
                title={`Where does this come from? ${title}`}
            >
                {children}
            </Popover.Trigger>
            <Popover.Portal>
                <Popover.Content sideOffset={6} collisionPadding={12} className="z-50 w-80 border border-ink bg-paper p-4 text-sm text-ink">
                    <p className="font-head text-lg font-semibold">{title}</p>
                    <p className="mt-1">{formula}</p>
                    {inputs && <p className="mt-2">{inputs}</p>}
                    {limit && <p className="mt-2">{limit}</p>}
                    <p className="mt-2 text-soft">{source}</p>
                </Popover.Content>
            </Popover.Portal>
        </Popover.Root>
    );
}
