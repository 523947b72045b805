import { Head, usePage } from '@inertiajs/react';
import { AuditList } from '@/features/people/components/audit-list';
import { InviteForm } from '@/features/people/components/invite-form';
import { LinkToCopy } from '@/features/people/components/link-to-copy';
import { PersonRow } from '@/features/people/components/person-row';
import { path } from '@/shared/lib/path';
import { TopBar } from '@/shared/ui/top-bar';
import type { AuditEntryProps, PersonProps } from '@/types/props';

interface Props {
    people: PersonProps[];
    audit: AuditEntryProps[];
    mails: boolean;
    link: { for: string; href: string } | null;
}

/** The people of a shop, for its owner. */
export default function PeoplePage({ people, audit, mails, link }: Props) {
    const { notice, errors } = usePage().props;
    return (
        <div className="min-h-dvh">
            <Head title="People" />
            <TopBar />
            <main className="mx-auto grid max-w-5xl grid-cols-[minmax(0,1fr)] gap-10 px-4 py-8">
                <div>
                    <h1 className="text-4xl">People</h1>
                    <p className="max-w-prose text-soft">
                        A technician measures and plans, an inspector reads and doubts, the owner sets what holds for the shop. Who leaves
                        is closed: what they measured stays under their name.
                    </p>
                    {notice && (
                        <p role="status" className="mt-3 border-l-[6px] border-ink pl-3">
                            {notice}
                        </p>
                    )}
                    {errors.person && (
                        <p role="alert" className="mt-3 border-l-[6px] border-out pl-3">
                            {errors.person}
                        </p>
                    )}
                </div>
                {link && <LinkToCopy link={link} />}
                <ul aria-label="People" className="border-t border-line">
                    {people.map((person) => (
                        <PersonRow key={person.id} person={person} mails={mails} />
                    ))}
                </ul>
                <InviteForm mails={mails} />
                <section aria-labelledby="archive">
                    <h2 id="archive" className="text-3xl">
                        All that the shop has
                    </h2>
                    <p className="max-w-prose text-soft">
                        Every job as a job file, people without passwords, settings, instruments, exercises and this list, in one archive
                        that another Geodex takes in.
                    </p>
                    <a
                        href={path('workshop.archive')}
                        download
                        className="inline-flex min-h-11 items-center underline decoration-line underline-offset-4"
                    >
                        Take the archive out
                    </a>
                </section>
                <AuditList entries={audit} />
            </main>
        </div>
    );
}
