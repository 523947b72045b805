import { PaperFrame } from '@/shared/ui/paper-frame';
import { StageShell } from '@/shared/ui/stage-shell';
import type { JobProps } from '@/types/props';

export default function ReportPage({ job, document, pdf }: { job: JobProps; document: string; pdf: string }) {
    return (
        <StageShell job={job} stage="report" note="one document of the whole job, in the job's unit">
            <PaperFrame
                title="Report"
                source={document}
                pdf={pdf}
                note="Drawing, findings, plan, target, shaft and the whole log. It is a record, not an approval."
            />
        </StageShell>
    );
}
