import { useState } from 'react';
import { ShaftForm } from '@/features/driveline/components/shaft-form';
import { ShaftNumbers } from '@/features/driveline/components/shaft-numbers';
import { ShaftSketch } from '@/features/driveline/components/shaft-sketch';
import { GearPages } from '@/shared/ui/gear-pages';
import { StageShell } from '@/shared/ui/stage-shell';
import { Trouble } from '@/shared/ui/trouble';
import type { DrivelineProps, JobProps } from '@/types/props';

export default function DrivelinePage({ job, driveline: initial }: { job: JobProps; driveline: DrivelineProps }) {
    const [driveline, setDriveline] = useState(initial);
    const shaft = driveline.after ?? driveline.before;
    return (
        <StageShell
            job={job}
            stage="driveline"
            note={driveline.after ? 'shaft after the plan; dashed, as it was' : 'shaft as it is; no plan yet'}
        >
            <div className="flex min-h-0 flex-1 flex-col lg:flex-row">
                <div className="flex min-h-[320px] min-w-0 flex-1 flex-col max-lg:flex-none">
                    {shaft ? (
                        <ShaftSketch shaft={shaft} before={driveline.after ? driveline.before : null} />
                    ) : (
                        <div className="grid flex-1 place-items-center bg-dye p-8 text-center text-xl text-dye-ink">
                            Measure the shaft and type it in: it is drawn here from the side and from above.
                        </div>
                    )}
                </div>
                <div
                    className="flex min-h-0 flex-col gap-6 border-ink bg-paper p-4 max-lg:border-t lg:w-[500px] relative lg:overflow-y-auto lg:border-l"
                    tabIndex={-1}
                >
                    <GearPages job={job.id} current="driveline" />
                    {driveline.trouble && <Trouble title="Not recalculated">{driveline.trouble.message}</Trouble>}
                    {shaft && (
                        <section aria-labelledby="result">
                            <h2 id="result" className="mb-2 text-2xl">
                                {driveline.after ? 'The shaft for the planned frame' : 'The shaft as it is'}
                            </h2>
                            <ShaftNumbers shaft={shaft} limits={driveline.limits} />
                        </section>
                    )}
                    <section aria-labelledby="entered">
                        <h2 id="entered" className="mb-2 text-2xl">
                            Measured and wanted
                        </h2>
                        <ShaftForm job={job} fields={driveline.form.fields} revision={driveline.revision} onSaved={setDriveline} />
                    </section>
                </div>
            </div>
        </StageShell>
    );
}
