import { Head, Link, usePage } from '@inertiajs/react';
import { JobList } from '@/features/jobs/components/job-list';
import { FromChart, FromFile, FromNothing } from '@/features/jobs/components/new-job';
import { path } from '@/shared/lib/path';
import { Problems } from '@/shared/ui/problems';
import { TopBar } from '@/shared/ui/top-bar';
import type { JobRowProps } from '@/types/props';

interface Props {
    jobs: JobRowProps[];
    /** Whether these are the jobs laid aside. */
    archived: boolean;
    /** How many are. */
    aside: number;
    canCreate: boolean;
    maxBytes: number;
    tooLarge: boolean;
}

const TOO_LARGE = 'The file is larger than the server takes. A job file or chart is at most 4 MB; is it the right file?';

export default function JobsPage({ jobs, archived, aside, canCreate, maxBytes, tooLarge }: Props) {
    const { user, notice, errors } = usePage().props;
    return (
        <div className="min-h-dvh">
            <Head title="Jobs" />
            <TopBar>
                <p className="truncate text-soft sm:border-l sm:border-ink sm:pl-4">{user?.workshop}</p>
            </TopBar>
            <main className="mx-auto max-w-5xl px-4 py-8">
                <div className="mb-4 flex flex-wrap items-baseline justify-between gap-x-6">
                    <h1 className="text-4xl">{archived ? 'Jobs laid aside' : 'Jobs'}</h1>
                    <nav aria-label="Without a job" className="flex flex-wrap gap-x-5">
                        {(
                            [
                                ['tools', 'Quick tools'],
                                ['instruments', 'Instruments'],
                                ['practice', 'Practice bay'],
                            ] as const
                        ).map(([name, label]) => (
                            <Link
                                key={name}
                                href={path(name)}
                                className="flex min-h-11 items-center underline decoration-line underline-offset-4"
                            >
                                {label}
                            </Link>
                        ))}
                    </nav>
                </div>
                {notice && (
                    <p role="status" className="mb-4 border-l-[6px] border-ink pl-3">
                        {notice}
                    </p>
                )}
                <div className="mb-6 empty:hidden">
                    <Problems errors={tooLarge ? { ...errors, 'problem.size': TOO_LARGE } : errors} what="The file" />
                </div>
                {jobs.length === 0 && archived ? (
                    <p className="border-y border-line py-6 text-lg">None is laid aside.</p>
                ) : jobs.length === 0 ? (
                    <p className="border-y border-line py-6 text-lg">
                        No job yet.{' '}
                        {canCreate
                            ? 'Take in the chart of a frame, or a job file, and start reading.'
                            : 'A technician or the owner takes in the first one.'}
                    </p>
                ) : (
                    <JobList jobs={jobs} archived={archived} />
                )}
                {(archived || aside > 0) && (
                    <Link
                        href={archived ? path('jobs') : `${path('jobs')}?archived=1`}
                        className="mt-3 inline-flex min-h-11 items-center underline decoration-line underline-offset-4"
                    >
                        {archived ? 'To the jobs at hand' : `${aside} laid aside`}
                    </Link>
                )}
                {canCreate && !archived && (
                    <section aria-labelledby="new" className="mt-12">
                        <h2 id="new" className="mb-4 text-3xl">
                            New job
                        </h2>
                        <div className="grid gap-12 md:grid-cols-2">
                            <FromChart maxBytes={maxBytes} />
                            <div className="grid content-start gap-12">
                                <FromFile maxBytes={maxBytes} />
                                <FromNothing />
                            </div>
                        </div>
                    </section>
                )}
            </main>
        </div>
    );
}
