import { MountsSheet } from '@/features/plan/components/mounts-sheet';
import { StageShell } from '@/shared/ui/stage-shell';
import type { JobProps, MountsProps } from '@/types/props';

export default function MountsPage({ job, mounts }: { job: JobProps; mounts: MountsProps }) {
    return (
        <StageShell job={job} stage="plan" note="mounts on the frame as it will be">
            <MountsSheet job={job.id} mounts={mounts} />
        </StageShell>
    );
}
