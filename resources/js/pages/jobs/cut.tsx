import { CutBench } from '@/features/plan/components/cut-bench';
import { StageShell } from '@/shared/ui/stage-shell';
import type { CutPageProps, JobProps } from '@/types/props';

export default function CutPage({ job, cut }: { job: JobProps; cut: CutPageProps }) {
    return (
        <StageShell job={job} stage="plan" note="where the rails may be cut">
            <CutBench job={job} cut={cut} />
        </StageShell>
    );
}
