import { useForm } from '@inertiajs/react';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import { FrontDoor } from '@/shared/ui/front-door';

export default function ChoosePasswordPage({ token, email, invited }: { token: string; email: string; invited: boolean }) {
    const form = useForm({ token, email, invited, password: '' });
    return (
        <FrontDoor
            title={invited ? 'Come in' : 'A new password'}
            onSubmit={(event) => {
                event.preventDefault();
                form.post(path('password.update'), { onError: () => form.reset('password') });
            }}
        >
            <p>
                {invited ? 'You were asked in as ' : 'For '}
                <b className="font-semibold">{email}</b>.
            </p>
            <Field label="Mail address" type="email" autoComplete="username" value={email} readOnly />
            <Field
                label="Password of your choice"
                type="password"
                autoComplete="new-password"
                autoFocus
                hint="At least ten letters or digits; a few words in a row are good."
                value={form.data.password}
                onChange={(event) => form.setData('password', event.target.value)}
                error={form.errors.password ?? form.errors.email}
            />
            <Button look="now" type="submit" disabled={form.processing} className="justify-self-start">
                Keep it
            </Button>
        </FrontDoor>
    );
}
