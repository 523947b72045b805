import { Link, router } from '@inertiajs/react';
import { Button } from '@/shared/ui/button';
import type { JobRowProps } from '@/types/props';

/** The jobs of the workshop, each with the one thing it needs next. */
export function JobList({ jobs }: { jobs: JobRowProps[] }) {
    return (
        <ul className="border-t border-ink">
            {jobs.map((job) => (
                <li
                    key={job.id}
                    className="grid gap-x-6 gap-y-1 border-b border-line py-4 md:grid-cols-[1fr_1.2fr_max-content_max-content] md:items-center"
                >
                    <div>
                        <Link href={job.href} className="font-head text-2xl font-semibold underline decoration-line underline-offset-4">
                            {job.title}
                        </Link>
                        <p className="text-soft">
                            {[job.vehicle || 'no vehicle named', job.plate, job.customerReference].filter(Boolean).join(' · ')} ·{' '}
                            {job.points} points · {job.readings} readings
                        </p>
                    </div>
                    <p>
                        <span className="block text-sm text-soft">next</span>
                        <Link
                            href={job.nextHref}
                            className="inline-flex min-h-11 items-center text-lg font-medium underline decoration-line underline-offset-4"
                        >
                            {job.next}
                        </Link>
                    </p>
                    <p className="text-sm text-soft md:text-right">
                        changed
                        <br />
                        <time dateTime={job.updated}>{job.updated.slice(0, 10)}</time>
                    </p>
                    <div className="flex flex-wrap max-md:-ml-4">
                        <Button look="quiet" onClick={() => router.visit(job.about)}>
                            About <span className="sr-only">{job.title}</span>
                        </Button>
                        {job.canWork && (
                            <Button look="quiet" onClick={() => router.put(job.archive, { aside: !job.isAside }, { preserveScroll: true })}>
                                {job.isAside ? 'Bring back' : 'Lay aside'} <span className="sr-only">{job.title}</span>
                            </Button>
                        )}
                    </div>
                </li>
            ))}
        </ul>
    );
}
