import { StripBench } from '@/features/strip/components/strip-bench';
import { StageShell } from '@/shared/ui/stage-shell';
import type { JobProps, StripProps } from '@/types/props';

export default function StripPage({ job, strip }: { job: JobProps; strip: StripProps }) {
    return (
        <StageShell job={job} stage="run" note="what comes off, in which bag, and what is coated before it is closed">
            <StripBench job={job} initial={strip} />
        </StageShell>
    );
}
