import { PlanBench } from '@/features/plan/components/plan-bench';
import { StageShell } from '@/shared/ui/stage-shell';
import type { JobProps, PlanProps } from '@/types/props';

export default function PlanPage({ job, plan }: { job: JobProps; plan: PlanProps }) {
    const count = plan.operations.length;
    return (
        <StageShell job={job} stage="plan" note={count === 0 ? 'nothing planned' : `${count} ${count === 1 ? 'operation' : 'operations'} planned`}>
            <PlanBench job={job} initial={plan} />
        </StageShell>
    );
}
