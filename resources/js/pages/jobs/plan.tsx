import { PlanBench } from '@/features/plan/components/plan-bench';
import { StageShell } from '@/shared/ui/stage-shell';
import type { JobProps, PlanProps } from '@/types/props';

export default function PlanPage({ job, plan }: { job: JobProps; plan: PlanProps }) {
    return (
        <StageShell job={job} stage="plan" note="all stations are those of the chart before any cut">
            <PlanBench job={job} initial={plan} />
        </StageShell>
    );
}
