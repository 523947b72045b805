import { WeldsBench } from '@/features/welds/components/welds-bench';
import { StageShell } from '@/shared/ui/stage-shell';
import type { JobProps, WeldsProps } from '@/types/props';

export default function WeldsPage({ job, welds }: { job: JobProps; welds: WeldsProps }) {
    return (
        <StageShell job={job} stage="run" note="where it is tacked, in which order it is welded, what that does">
            <WeldsBench job={job} initial={welds} />
        </StageShell>
    );
}
