import { GearPages } from '@/shared/ui/gear-pages';
import { PaperFrame } from '@/shared/ui/paper-frame';
import { StageShell } from '@/shared/ui/stage-shell';
import type { JobProps } from '@/types/props';

export default function GearPapersPage({ job, document, pdf }: { job: JobProps; document: string; pdf: string }) {
    return (
        <StageShell job={job} stage="driveline" note="the sheets of the running gear, in the job's unit">
            <div className="bg-paper px-4 pt-4">
                <GearPages job={job.id} current="papers" />
            </div>
            <PaperFrame
                title="Sheets of the running gear"
                source={document}
                pdf={pdf}
                note="Old against new, the driveshaft, and every sheet with what was entered in it."
            />
        </StageShell>
    );
}
