import { Head, Link, usePage } from '@inertiajs/react';
import { FromChart, FromFile, FromNothing } from '@/features/jobs/components/new-job';
import { path } from '@/shared/lib/path';
import { Problems } from '@/shared/ui/problems';
import { TopBar } from '@/shared/ui/top-bar';

/** Three ways to a new job. */
export default function NewJobPage({ maxBytes }: { maxBytes: number }) {
    const { errors } = usePage().props;
    return (
        <div className="min-h-dvh">
            <Head title="New job" />
            <TopBar />
            <main className="mx-auto max-w-5xl px-4 py-8">
                <h1 className="text-4xl">New job</h1>
                <Link href={path('jobs')} className="inline-flex min-h-11 items-center underline decoration-line underline-offset-4">
                    Back to the jobs
                </Link>
                <div className="mb-6 empty:hidden">
                    <Problems errors={errors} what="The file" />
                </div>
                <div className="grid grid-cols-[minmax(0,1fr)] gap-12 md:grid-cols-2">
                    <FromChart maxBytes={maxBytes} />
                    <div className="grid content-start gap-12">
                        <FromFile maxBytes={maxBytes} />
                        <FromNothing />
                    </div>
                </div>
            </main>
        </div>
    );
}
