import { Head, Link, useForm, usePage } from '@inertiajs/react';
import type { FormEvent } from 'react';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';

export default function LoginPage() {
    const { notice } = usePage().props;
    const form = useForm({ email: '', password: '' });
    const submit = (event: FormEvent) => {
        event.preventDefault();
        form.post(path('login'), { onError: () => form.reset('password') });
    };
    return (
        <main className="grid min-h-dvh md:grid-cols-[1.2fr_1fr]">
            <Head title="Log in" />
            <div className="on-dye flex flex-col justify-end bg-dye p-8 text-dye-ink max-md:hidden" aria-hidden>
                <svg viewBox="0 0 600 360" className="mb-auto w-full" fill="none" stroke="var(--scribe)">
                    <path d="M40 110H220L260 96H560M40 250H220L260 264H560" />
                    <path d="M40 110V250M150 110V250M260 96V264M360 96V264M460 96V264M560 96V264" opacity={0.5} />
                    <path d="M20 180H580" strokeDasharray="18 4 3 4" />
                    <path
                        d="M40 110H220L260 96L360 95L460 90L560 84M40 250H220L260 264L360 263L460 258L560 253"
                        stroke="var(--dye-ink)"
                        strokeWidth={2}
                    />
                    <path d="M260 96L460 258" stroke="var(--now)" strokeWidth={4} />
                </svg>
                <p className="max-w-md text-2xl leading-snug">
                    Call out what the tape and the tram read. Geodex says where every point is, how sure that is, and which reading lies.
                </p>
            </div>
            <form onSubmit={submit} className="flex flex-col justify-center gap-5 p-8 sm:px-16">
                <h1 className="text-4xl tracking-[0.12em]">GEODEX</h1>
                {notice && <p role="status">{notice}</p>}
                <Field
                    label="Mail address"
                    type="email"
                    autoComplete="username"
                    autoFocus
                    value={form.data.email}
                    onChange={(event) => form.setData('email', event.target.value)}
                    error={form.errors.email}
                />
                <Field
                    label="Password"
                    type="password"
                    autoComplete="current-password"
                    value={form.data.password}
                    onChange={(event) => form.setData('password', event.target.value)}
                    error={form.errors.password}
                />
                <Button look="now" type="submit" disabled={form.processing} className="self-start">
                    {form.processing ? 'Logging in…' : 'Log in'}
                </Button>
                <Link href={path('password.request')} className="inline-flex min-h-11 items-center self-start underline underline-offset-4">
                    Forgotten the password
                </Link>
            </form>
        </main>
    );
}
