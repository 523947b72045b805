import { PaperFrame } from '@/shared/ui/paper-frame';
import { PlanPages } from '@/shared/ui/plan-pages';
import { StageShell } from '@/shared/ui/stage-shell';
import type { JobProps } from '@/types/props';

export default function PapersPage({ job, document, pdf }: { job: JobProps; document: string; pdf: string }) {
    return (
        <StageShell job={job} stage="plan" note="the sheets for the bench, in the job's unit">
            <div className="bg-paper px-4 pt-4">
                <PlanPages job={job.id} current="papers" />
            </div>
            <PaperFrame
                title="Sheets of the plan"
                source={document}
                pdf={pdf}
                note="Cut sheet, splice sheet, marking out, what comes along, before and after."
            />
        </StageShell>
    );
}
