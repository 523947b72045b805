import { ByStage } from '@/features/book/components/by-stage';
import { ShrinkageBook } from '@/features/book/components/shrinkage-book';
import { TimeBook } from '@/features/book/components/time-book';
import { RunPages } from '@/shared/ui/run-pages';
import { StageShell } from '@/shared/ui/stage-shell';
import type { JobProps, RunBookProps } from '@/types/props';

export default function BookPage({ job, book }: { job: JobProps; book: RunBookProps }) {
    return (
        <StageShell job={job} stage="run" note="what joints drew in, what moved when, what steps took">
            <div className="flex min-h-0 flex-1 flex-col gap-8 bg-paper p-4 lg:overflow-y-auto [&>*]:shrink-0" tabIndex={-1}>
                <RunPages job={job.id} current="book" />
                <ByStage movement={book.movement} />
                <ShrinkageBook cases={book.cases} />
                <TimeBook book={book} />
            </div>
        </StageShell>
    );
}
