import { RunBench } from '@/features/run/components/run-bench';
import { StageShell } from '@/shared/ui/stage-shell';
import type { JobProps, RunSheetProps } from '@/types/props';

export default function RunPage({ job, run }: { job: JobProps; run: RunSheetProps }) {
    return (
        <StageShell job={job} stage="run" note="what is next, and what has happened">
            <RunBench job={job} initial={run} />
        </StageShell>
    );
}
