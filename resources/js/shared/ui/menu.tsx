import { DropdownMenu } from 'radix-ui';
import type { ReactNode } from 'react';

export function Menu({ label, children }: { label: ReactNode; children: ReactNode }) {
    return (
        <DropdownMenu.Root>
            <DropdownMenu.Trigger className="inline-flex min-h-11 items-center gap-1.5 rounded-[3px] px-2 font-medium">
                {label}
                <span aria-hidden className="max-sm:hidden">
                    ▾
                </span>
            </DropdownMenu.Trigger>
            <DropdownMenu.Portal>
                <DropdownMenu.Content
                    align="end"
                    sideOffset={4}
                    collisionPadding={8}
                    className="z-50 min-w-52 border border-ink bg-paper py-1 text-ink"
                >
                    {children}
                </DropdownMenu.Content>
            </DropdownMenu.Portal>
        </DropdownMenu.Root>
    );
}

export function MenuItem({ onSelect, children }: { onSelect: () => void; children: ReactNode }) {
    return (
        <DropdownMenu.Item
            onSelect={onSelect}
            className="flex min-h-11 cursor-pointer items-center px-4 outline-none data-[highlighted]:bg-bench"
        >
            {children}
        </DropdownMenu.Item>
    );
}
