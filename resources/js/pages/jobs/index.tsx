import { Head, Link, router, usePage } from '@inertiajs/react';
import { JobList } from '@/features/jobs/components/job-list';
import { JobPages } from '@/features/jobs/components/job-pages';
import { JobSearch } from '@/features/jobs/components/job-search';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { Problems } from '@/shared/ui/problems';
import { TopBar } from '@/shared/ui/top-bar';
import type { JobRowProps, JobsAskedProps } from '@/types/props';

interface Props {
    jobs: JobRowProps[];
    asked: JobsAskedProps;
    /** How many are laid aside. */
    aside: number;
    canCreate: boolean;
    tooLarge: boolean;
}

const TOO_LARGE = 'The file is larger than the server takes. A job file or chart is at most 4 MB; is it the right file?';

const ELSEWHERE = [
    ['tools', 'Quick tools'],
    ['instruments', 'Instruments'],
    ['practice', 'Practice bay'],
] as const;

export default function JobsPage({ jobs, asked, aside, canCreate, tooLarge }: Props) {
    const { user, notice, errors } = usePage().props;
    const isAside = asked.state === 'laid aside';
    return (
        <div className="min-h-dvh">
            <Head title="Jobs" />
            <TopBar>
                <p className="truncate text-soft sm:border-l sm:border-ink sm:pl-4">{user?.workshop}</p>
            </TopBar>
            <main className="mx-auto max-w-5xl px-4 py-8">
                <div className="mb-4 flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
                    <h1 className="text-4xl">{isAside ? 'Jobs laid aside' : 'Jobs'}</h1>
                    <nav aria-label="Without a job" className="flex flex-wrap items-center gap-x-5">
                        {ELSEWHERE.map(([name, label]) => (
                            <Link
                                key={name}
                                href={path(name)}
                                className="flex min-h-11 items-center underline decoration-line underline-offset-4"
                            >
                                {label}
                            </Link>
                        ))}
                    </nav>
                    {canCreate && (
                        <Button look="now" onClick={() => router.visit(path('jobs.new'))}>
                            New job
                        </Button>
                    )}
                </div>
                {notice && (
                    <p role="status" className="mb-4 border-l-[6px] border-ink pl-3">
                        {notice}
                    </p>
                )}
                <div className="mb-6 empty:hidden">
                    <Problems errors={tooLarge ? { ...errors, 'problem.size': TOO_LARGE } : errors} what="The file" />
                </div>
                <JobSearch asked={asked} />
                {jobs.length === 0 ? (
                    <p className="border-y border-line py-6 text-lg">{empty(asked, canCreate)}</p>
                ) : (
                    <>
                        <JobPages asked={asked} />
                        <JobList jobs={jobs} />
                        <JobPages asked={asked} />
                    </>
                )}
                {(isAside || aside > 0) && (
                    <Link
                        href={isAside ? path('jobs') : `${path('jobs')}?archived=1`}
                        className="mt-3 inline-flex min-h-11 items-center underline decoration-line underline-offset-4"
                    >
                        {isAside ? 'To the jobs at hand' : `${aside} laid aside`}
                    </Link>
                )}
            </main>
        </div>
    );
}

/** What a list without jobs says: why, and what to do. */
function empty(asked: JobsAskedProps, canCreate: boolean): string {
    if (asked.page > 1) return 'There are no more on this page.';
    if (asked.search || asked.stage) return 'No job is like that. Try fewer words, or another state.';
    if (asked.state === 'laid aside') return 'None is laid aside.';
    return `No job yet. ${canCreate ? 'Start one: from the chart of a frame, a job file, or without either.' : 'A technician or the owner starts the first one.'}`;
}
