import { NestBench } from '@/features/parts/components/nest-bench';
import { StageShell } from '@/shared/ui/stage-shell';
import type { JobProps, NestedStockProps } from '@/types/props';

export default function NestPage({ job, nests }: { job: JobProps; nests: NestedStockProps[] }) {
    return (
        <StageShell job={job} stage="parts" note="plates on sheets">
            <NestBench job={job} initial={nests} />
        </StageShell>
    );
}
