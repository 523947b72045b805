import { useState } from 'react';
import { HandOverForm } from '@/features/hand-over/components/hand-over-form';
import { PaperFrame } from '@/shared/ui/paper-frame';
import { StageShell } from '@/shared/ui/stage-shell';
import type { HandOverProps, JobProps } from '@/types/props';

export default function HandOverPage({
    job,
    handOver,
    document,
    pdf,
    bundle,
}: {
    job: JobProps;
    handOver: HandOverProps;
    document: string;
    pdf: string;
    bundle: string;
}) {
    // What is kept shows on the paper at once.
    const [printed, setPrinted] = useState(0);
    return (
        <StageShell job={job} stage="hand-over" note="what is open, who signs, and the folder that goes with the vehicle">
            <div className="flex min-h-0 flex-1 flex-col lg:flex-row">
                <HandOverForm job={job} initial={handOver} onKept={() => setPrinted((now) => now + 1)} />
                <div className="flex min-h-[80dvh] min-w-0 flex-1 flex-col border-ink lg:min-h-0 lg:border-l">
                    <PaperFrame
                        key={printed}
                        title="Folder of the hand-over"
                        source={document}
                        pdf={pdf}
                        more={[{ label: 'All of it, zip', href: bundle }]}
                        note="Found, planned, done and open. It is a record, not an approval."
                    />
                </div>
            </div>
        </StageShell>
    );
}
