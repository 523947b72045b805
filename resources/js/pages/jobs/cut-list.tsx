import { SawBench } from '@/features/parts/components/saw-bench';
import { StageShell } from '@/shared/ui/stage-shell';
import type { JobProps, SawProps } from '@/types/props';

export default function CutListPage({ job, saw }: { job: JobProps; saw: SawProps }) {
    return (
        <StageShell job={job} stage="parts" note="what is sawn, over the rack">
            <SawBench job={job} initial={saw} />
        </StageShell>
    );
}
