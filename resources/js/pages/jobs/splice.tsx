import { SpliceSheet } from '@/features/plan/components/splice-sheet';
import { StageShell } from '@/shared/ui/stage-shell';
import type { JobProps, SplicePageProps } from '@/types/props';

export default function SplicePage({ job, splice }: { job: JobProps; splice: SplicePageProps }) {
    return (
        <StageShell job={job} stage="plan" note="how the rails are joined">
            <SpliceSheet job={job.id} initial={splice} />
        </StageShell>
    );
}
