import { LoadsSheet } from '@/features/plan/components/loads-sheet';
import { StageShell } from '@/shared/ui/stage-shell';
import type { JobProps, LoadsProps } from '@/types/props';

export default function LoadsPage({ job, loads }: { job: JobProps; loads: LoadsProps }) {
    return (
        <StageShell job={job} stage="plan" note="what the frame bears, before and after">
            <LoadsSheet job={job.id} loads={loads} />
        </StageShell>
    );
}
