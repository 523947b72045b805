import { OldNewSheet } from '@/features/gear/components/old-new-sheet';
import { StageShell } from '@/shared/ui/stage-shell';
import type { JobProps, OldNewProps } from '@/types/props';

export default function OldNewPage({ job, gear }: { job: JobProps; gear: OldNewProps }) {
    return (
        <StageShell job={job} stage="driveline" note="old against new">
            <OldNewSheet job={job} gear={gear} />
        </StageShell>
    );
}
