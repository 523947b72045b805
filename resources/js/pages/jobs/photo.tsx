import { PhotoBench } from '@/features/parts/components/photo-bench';
import { StageShell } from '@/shared/ui/stage-shell';
import type { JobProps, PictureProps, ToolProps } from '@/types/props';

interface Props {
    job: JobProps;
    pictures: PictureProps[];
    tool: ToolProps;
}

export default function PhotoPage({ job, pictures, tool }: Props) {
    return (
        <StageShell job={job} stage="parts" note="a contour from a photograph">
            <PhotoBench job={job} initial={pictures} tool={tool} />
        </StageShell>
    );
}
