import { Head, router, useForm, usePage } from '@inertiajs/react';
import { ChangePassword } from '@/features/people/components/change-password';
import { path } from '@/shared/lib/path';
import { applyTheme } from '@/shared/lib/theme';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import { Segmented } from '@/shared/ui/segmented';
import { TopBar } from '@/shared/ui/top-bar';
import type { AccountProps } from '@/types/props';

/** What everybody sets for themselves. */
export default function AccountPage({ account }: { account: AccountProps }) {
    const { notice } = usePage().props;
    const form = useForm({ name: account.name, unit: account.unit ?? '', theme: account.theme ?? '' });
    return (
        <div className="min-h-dvh">
            <Head title="My account" />
            <TopBar />
            <main className="mx-auto grid max-w-3xl grid-cols-[minmax(0,1fr)] gap-10 px-4 py-8">
                <div>
                    <h1 className="text-4xl">My account</h1>
                    <p className="text-soft">{account.email}</p>
                    {notice && (
                        <p role="status" className="mt-3 border-l-[6px] border-ink pl-3">
                            {notice}
                        </p>
                    )}
                </div>
                <form
                    aria-label="About me"
                    className="grid gap-4"
                    noValidate
                    onSubmit={(event) => {
                        event.preventDefault();
                        if (form.data.theme === 'light' || form.data.theme === 'dark') applyTheme(form.data.theme);
                        form.put(path('account.save'), { preserveScroll: true });
                    }}
                >
                    <Field
                        label="Name, as others see it"
                        value={form.data.name}
                        onChange={(event) => form.setData('name', event.target.value)}
                        error={form.errors.name}
                    />
                    <div>
                        <p className="mb-1 text-sm text-soft">Lengths are shown in</p>
                        <Segmented
                            label="Lengths are shown in"
                            value={form.data.unit || 'job'}
                            onChange={(unit) => form.setData('unit', unit === 'mm' || unit === 'in' ? unit : '')}
                            choices={[
                                { value: 'job', label: "the job's unit" },
                                { value: 'mm', label: 'mm' },
                                { value: 'in', label: 'inch' },
                            ]}
                        />
                    </div>
                    <div>
                        <p className="mb-1 text-sm text-soft">Screen</p>
                        <Segmented
                            label="Screen"
                            value={form.data.theme || 'browser'}
                            onChange={(theme) => form.setData('theme', theme === 'light' || theme === 'dark' ? theme : '')}
                            choices={[
                                { value: 'browser', label: 'as this browser has it' },
                                { value: 'light', label: 'light' },
                                { value: 'dark', label: 'dark' },
                            ]}
                        />
                    </div>
                    <Button look="now" type="submit" disabled={form.processing} className="justify-self-start">
                        Keep it
                    </Button>
                </form>
                <ChangePassword />
                <section aria-labelledby="sessions">
                    <h2 id="sessions" className="text-2xl">
                        Where I am logged in
                    </h2>
                    <ul className="my-3">
                        {account.sessions.map((one, i) => (
                            <li key={i} className="border-b border-line py-2">
                                {one.isThis ? <b className="font-semibold">here</b> : new Date(one.at).toLocaleString()}, {one.address}
                                <span className="block truncate text-sm text-soft">{one.browser}</span>
                            </li>
                        ))}
                    </ul>
                    <Button onClick={() => router.delete(path('account.elsewhere'), { preserveScroll: true })}>
                        Log out everywhere else
                    </Button>
                </section>
            </main>
        </div>
    );
}
