import { PartSheet } from '@/features/parts/components/part-sheet';
import { StageShell } from '@/shared/ui/stage-shell';
import type { JobProps, PartsProps } from '@/types/props';

interface Props {
    job: JobProps;
    parts: PartsProps;
    part: number;
    paper: string | null;
}

export default function PartPage({ job, parts, part, paper }: Props) {
    return (
        <StageShell job={job} stage="parts" note="one part">
            <PartSheet key={part} job={job} initial={parts} id={part} paper={paper} />
        </StageShell>
    );
}
