import { useForm } from '@inertiajs/react';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';

/** One's own password, changed by who knows it. */
export function ChangePassword() {
    const form = useForm({ current: '', password: '' });
    return (
        <form
            aria-label="Password"
            className="grid gap-4"
            noValidate
            onSubmit={(event) => {
                event.preventDefault();
                form.put(path('account.password'), {
                    preserveScroll: true,
                    onSuccess: () => form.reset(),
                    onError: () => form.reset('current'),
                });
            }}
        >
            <h2 className="text-2xl">Password</h2>
            <Field
                label="Password now"
                type="password"
                autoComplete="current-password"
                value={form.data.current}
                onChange={(event) => form.setData('current', event.target.value)}
                error={form.errors.current}
            />
            <Field
                label="New password"
                type="password"
                autoComplete="new-password"
                hint="At least ten letters or digits. You are logged out everywhere else."
                value={form.data.password}
                onChange={(event) => form.setData('password', event.target.value)}
                error={form.errors.password}
            />
            <Button type="submit" disabled={form.processing} className="justify-self-start">
                Change it
            </Button>
        </form>
    );
}
