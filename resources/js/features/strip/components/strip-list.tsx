import { useState, type FormEvent } from 'react';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import type { StrippedItemProps } from '@/types/props';

interface Props {
    items: StrippedItemProps[];
    canWork: boolean;
    onAdd: (what: string) => Promise<boolean>;
    onRemove: (what: string) => void;
}

/** What comes off, numbered as its bags are; it goes back from the last to the first. */
export function StripList({ items, canWork, onAdd, onRemove }: Props) {
    const [what, setWhat] = useState('');
    const add = (event: FormEvent) => {
        event.preventDefault();
        void onAdd(what).then((stored) => stored && setWhat(''));
    };
    return (
        <section aria-labelledby="strip" className="max-w-[860px]">
            <h2 id="strip" className="text-3xl">
                Strip list
            </h2>
            <p className="text-sm text-soft">
                What the plan knows to cross a cut stands here by itself. Each has a bag with its number for bolts and clips; it goes back
                in reverse order. Each is a step of the run sheet.
            </p>
            {items.length === 0 && (
                <p className="mt-2">Nothing comes off yet: plan a cut, list what runs along the frame, or put it in below.</p>
            )}
            <ol className="mt-2">
                {items.map((item) => (
                    <li key={item.what} className="flex flex-wrap items-center gap-x-4 border-t border-line py-2">
                        <span className="border-2 border-ink px-3 py-1 font-head text-xl font-semibold tabular-nums">Bag {item.bag}</span>
                        <span className="min-w-48 flex-1">{item.what}</span>
                        <span className="text-soft">{item.isBack ? '■ back' : item.isOut ? '◧ out' : '□ on the vehicle'}</span>
                        {item.isOwn && canWork && (
                            <Button look="quiet" onClick={() => onRemove(item.what)} aria-label={`Take ${item.what} off the list`}>
                                Take it off the list
                            </Button>
                        )}
                    </li>
                ))}
            </ol>
            {canWork && (
                <form onSubmit={add} className="mt-3 flex flex-wrap items-end gap-3" noValidate aria-label="Something else that comes off">
                    <Field
                        label="Something else comes off"
                        className="min-w-60 flex-1"
                        maxLength={120}
                        value={what}
                        onChange={(event) => setWhat(event.target.value)}
                    />
                    <Button type="submit" className="min-h-14" disabled={what.trim() === ''}>
                        Put it on the list
                    </Button>
                </form>
            )}
        </section>
    );
}
