import { Link, useForm } from '@inertiajs/react';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import { FrontDoor } from '@/shared/ui/front-door';

export default function ForgottenPage({ mails }: { mails: boolean }) {
    const form = useForm({ email: '' });
    return (
        <FrontDoor
            title="Forgotten the password"
            onSubmit={(event) => {
                event.preventDefault();
                form.post(path('password.email'));
            }}
        >
            {mails ? (
                <>
                    <p>A link to choose a new one comes by mail, and holds for an hour.</p>
                    <Field
                        label="Mail address"
                        type="email"
                        autoComplete="username"
                        value={form.data.email}
                        onChange={(event) => form.setData('email', event.target.value)}
                        error={form.errors.email}
                    />
                    <Button look="now" type="submit" disabled={form.processing} className="justify-self-start">
                        Send the link
                    </Button>
                </>
            ) : (
                <p>
                    This server sends no mail. Ask the owner of your shop: on the page People they make a link with which you choose a new
                    password.
                </p>
            )}
            <Link href={path('login')} className="inline-flex min-h-11 items-center justify-self-start underline underline-offset-4">
                Back to the login
            </Link>
        </FrontDoor>
    );
}
