import { useForm } from '@inertiajs/react';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import { Segmented } from '@/shared/ui/segmented';

/** Asks somebody in. */
export function InviteForm({ mails }: { mails: boolean }) {
    const form = useForm({ name: '', email: '', role: 'technician' });
    return (
        <form
            aria-label="Ask somebody in"
            className="grid max-w-xl gap-4"
            noValidate
            onSubmit={(event) => {
                event.preventDefault();
                form.post(path('people.invite'), { onSuccess: () => form.reset() });
            }}
        >
            <h2 className="text-3xl">Ask somebody in</h2>
            <Field
                label="Name"
                value={form.data.name}
                onChange={(event) => form.setData('name', event.target.value)}
                error={form.errors.name}
            />
            <Field
                label="Mail address"
                type="email"
                autoComplete="off"
                value={form.data.email}
                onChange={(event) => form.setData('email', event.target.value)}
                error={form.errors.email}
            />
            <div>
                <p className="mb-1 text-sm text-soft">Role</p>
                <Segmented
                    label="Role"
                    value={form.data.role}
                    onChange={(role) => form.setData('role', role)}
                    choices={['technician', 'inspector', 'owner'].map((role) => ({ value: role, label: role }))}
                />
            </div>
            <Button look="now" type="submit" disabled={form.processing} className="justify-self-start">
                {mails ? 'Send the invitation' : 'Make the invitation'}
            </Button>
        </form>
    );
}
