import { GearBench } from '@/features/gear/components/gear-bench';
import { StageShell } from '@/shared/ui/stage-shell';
import type { GearPageProps, JobProps } from '@/types/props';

export default function GearPage({ job, gear }: { job: JobProps; gear: GearPageProps }) {
    return (
        <StageShell
            job={job}
            stage={gear.isOfRunSheet ? 'run' : 'driveline'}
            note={`${gear.label.toLowerCase()}, from the plan and from what is measured`}
        >
            <GearBench key={gear.page} job={job} initial={gear} />
        </StageShell>
    );
}
