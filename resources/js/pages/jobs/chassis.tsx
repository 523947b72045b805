import { ChassisBench } from '@/features/chassis/components/chassis-bench';
import { StageShell } from '@/shared/ui/stage-shell';
import type { ChassisProps, JobProps } from '@/types/props';

export default function ChassisPage({ job, chassis }: { job: JobProps; chassis: ChassisProps }) {
    return (
        <StageShell job={job} stage="plan" note="the frame as it is, in metal">
            <ChassisBench key={chassis.revision} job={job} initial={chassis} />
        </StageShell>
    );
}
