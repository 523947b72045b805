import { PartsBench } from '@/features/parts/components/parts-bench';
import { StageShell } from '@/shared/ui/stage-shell';
import type { JobProps, PartsProps } from '@/types/props';

export default function PartsPage({ job, parts }: { job: JobProps; parts: PartsProps }) {
    return (
        <StageShell job={job} stage="parts" note="what is made for it">
            <PartsBench job={job} initial={parts} />
        </StageShell>
    );
}
