import { AfterSheet } from '@/features/plan/components/after-sheet';
import { StageShell } from '@/shared/ui/stage-shell';
import type { ConsequencesProps, JobProps } from '@/types/props';

export default function AfterPage({ job, after }: { job: JobProps; after: ConsequencesProps }) {
    return (
        <StageShell job={job} stage="plan" note="what the change does to the vehicle">
            <AfterSheet job={job.id} canWork={job.can.work} initial={after} />
        </StageShell>
    );
}
