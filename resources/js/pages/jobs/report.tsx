import { useRef } from 'react';
import { Button } from '@/shared/ui/button';
import { StageShell } from '@/shared/ui/stage-shell';
import type { JobProps } from '@/types/props';

export default function ReportPage({ job, document: source, pdf }: { job: JobProps; document: string; pdf: string }) {
    const frame = useRef<HTMLIFrameElement>(null);
    return (
        <StageShell job={job} stage="report" note="one document of the whole job, in the job's unit">
            <div className="no-print flex flex-wrap items-center gap-3 border-b border-ink bg-paper px-4 py-2">
                <Button look="now" onClick={() => frame.current?.contentWindow?.print()}>
                    Print
                </Button>
                <a href={pdf} className="inline-flex min-h-11 items-center rounded-[3px] border border-ink px-4 font-medium">
                    PDF
                </a>
                <p className="text-soft">Drawing, findings, plan, target, shaft and the whole log. It is a record, not an approval.</p>
            </div>
            <iframe ref={frame} src={source} title="Report" className="min-h-[70dvh] w-full flex-1 bg-bench" />
        </StageShell>
    );
}
