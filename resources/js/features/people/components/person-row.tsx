import { router } from '@inertiajs/react';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { Select } from '@/shared/ui/select';
import type { PersonProps } from '@/types/props';

const STATES = { in: '● can log in', invited: '◌ invited', closed: '× closed' };

const ROLES = ['technician', 'inspector', 'owner'].map((role) => ({ value: role, label: role }));

/** Somebody of the shop, and what its owner can do for them. */
export function PersonRow({ person, mails }: { person: PersonProps; mails: boolean }) {
    const at = { person: person.id };
    const calmly = { preserveScroll: true };
    return (
        <li className="grid items-end gap-3 border-b border-line py-3 sm:grid-cols-[minmax(0,1fr)_12rem_16rem]">
            <div className="min-w-0">
                <p className="text-lg">
                    {person.name} {person.isMe && <span className="text-soft">(me)</span>}
                </p>
                <p className="truncate text-sm text-soft">
                    {person.email} · {STATES[person.state]}
                </p>
            </div>
            <Select
                label={`Role of ${person.name}`}
                value={person.role}
                choices={ROLES}
                disabled={person.state === 'closed'}
                onChange={(role) => router.put(path('people.role', at), { role }, calmly)}
            />
            <div className="flex flex-wrap gap-2">
                {person.state !== 'closed' && (
                    <Button onClick={() => router.post(path('people.link', at), {}, { preserveScroll: false })}>
                        {person.state === 'invited' ? 'Invite again' : mails ? 'Send a link' : 'Make a link'}
                        <span className="sr-only"> for {person.name}</span>
                    </Button>
                )}
                <Button
                    look="quiet"
                    disabled={person.isMe}
                    onClick={() => router.put(path('people.activity', at), { active: person.state === 'closed' }, calmly)}
                >
                    {person.state === 'closed' ? 'Open again' : 'Close'}
                    <span className="sr-only"> the account of {person.name}</span>
                </Button>
            </div>
        </li>
    );
}
