import { Link } from '@inertiajs/react';
import { query } from '@/features/jobs/components/job-search';
import { path } from '@/shared/lib/path';
import type { JobsAskedProps } from '@/types/props';

/** From page to page of a long list. */
export function JobPages({ asked }: { asked: JobsAskedProps }) {
    if (asked.pages < 2) return null;
    const at = (page: number) => `${path('jobs')}?${new URLSearchParams(query(asked, { page: String(page) })).toString()}`;
    const link = 'inline-flex min-h-11 items-center underline decoration-line underline-offset-4';
    return (
        <nav aria-label="Pages of jobs" className="flex flex-wrap items-center gap-x-5 py-2">
            {asked.page > 1 && (
                <Link href={at(asked.page - 1)} className={link}>
                    Page before
                </Link>
            )}
            <p>
                Page {asked.page} of {asked.pages}, {asked.total} jobs
            </p>
            {asked.page < asked.pages && (
                <Link href={at(asked.page + 1)} className={link}>
                    Next page
                </Link>
            )}
        </nav>
    );
}
