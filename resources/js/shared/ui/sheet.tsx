import { Dialog } from 'radix-ui';
import type { ReactNode } from 'react';

interface Props {
    open: boolean;
    onOpenChange: (open: boolean) => void;
    title: string;
    children: ReactNode;
}

/** A sheet of paper over the screen. */
export function Sheet({ open, onOpenChange, title, children }: Props) {
    return (
        <Dialog.Root open={open} onOpenChange={onOpenChange}>
            <Dialog.Portal>
                <Dialog.Overlay className="fixed inset-0 z-40 bg-dye-deep/60" />
                <Dialog.Content
                    data-sheet
                    aria-describedby={undefined}
                    className="fixed top-1/2 left-1/2 z-50 max-h-[90dvh] w-[min(38rem,94vw)] -translate-x-1/2 -translate-y-1/2 overflow-y-auto border border-ink bg-paper p-6"
                >
                    <div className="mb-4 flex items-start justify-between gap-4">
                        <Dialog.Title className="text-2xl">{title}</Dialog.Title>
                        <Dialog.Close className="min-h-11 min-w-11 text-lg" aria-label="Close">
                            ✕
                        </Dialog.Close>
                    </div>
                    {children}
                </Dialog.Content>
            </Dialog.Portal>
        </Dialog.Root>
    );
}
