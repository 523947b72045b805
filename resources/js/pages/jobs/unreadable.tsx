import { Head, Link, router } from '@inertiajs/react';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { TopBar } from '@/shared/ui/top-bar';

interface Props {
    title: string;
    because: string;
    file: string;
    archive: string;
    canWork: boolean;
}

/** A job that cannot be read: why, and what can still be done with it. */
export default function UnreadableJobPage({ title, because, file, archive, canWork }: Props) {
    return (
        <div className="min-h-dvh">
            <Head title={title} />
            <TopBar>
                <p className="truncate text-soft sm:border-l sm:border-ink sm:pl-4">{title}</p>
            </TopBar>
            <main className="mx-auto max-w-2xl px-4 py-8">
                <h1 className="mb-4 text-4xl">This job cannot be read</h1>
                <p className="mb-4 border-l-[6px] border-ink pl-3">{because}</p>
                <p className="mb-6">
                    Nothing of it is lost. Take its file out, put right what is named above, and take it in as a new job; the other jobs of
                    the shop are not touched by it.
                </p>
                <p className="flex flex-wrap gap-3">
                    <a
                        href={file}
                        className="inline-flex min-h-11 items-center rounded-[3px] border border-now-ink bg-now px-4 font-medium text-now-ink"
                    >
                        Take out the file
                    </a>
                    {canWork && <Button onClick={() => router.put(archive, { aside: true })}>Lay it aside</Button>}
                    <Link href={path('jobs')} className="inline-flex min-h-11 items-center underline underline-offset-4">
                        To the jobs
                    </Link>
                </p>
            </main>
        </div>
    );
}
