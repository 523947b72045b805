import { useState } from 'react';
import { DialNotice } from '@/features/gear/components/dial-notice';
import { SheetCard } from '@/features/gear/components/sheet-card';
import { SheetForm } from '@/features/gear/components/sheet-form';
import { sketches } from '@/shared/sketches';
import { Button } from '@/shared/ui/button';
import { GearPages } from '@/shared/ui/gear-pages';
import { RunPages } from '@/shared/ui/run-pages';
import type { DialProps, GearPageProps, GearToolProps, InstrumentProps, JobProps, SurveyedPointProps } from '@/types/props';

/** A page of sheets: what is worked out here, and what was kept of it. */
export function GearBench({ job, initial }: { job: JobProps; initial: GearPageProps }) {
    const [gear, setGear] = useState(initial);
    return (
        <div className="flex min-h-0 flex-1 flex-col gap-8 bg-paper p-4 lg:overflow-y-auto [&>*]:shrink-0" tabIndex={-1}>
            {gear.isOfRunSheet ? <RunPages job={job.id} current={gear.page} /> : <GearPages job={job.id} current={gear.page} />}
            {gear.tools.map((one) => (
                <Tool key={one.tool.name} job={job} one={one} surveyed={gear.surveyed} instruments={gear.instruments} onKept={setGear} />
            ))}
        </div>
    );
}

interface Props {
    job: JobProps;
    one: GearToolProps;
    surveyed: SurveyedPointProps[];
    instruments: InstrumentProps[];
    onKept: (gear: GearPageProps) => void;
}

function Tool({ job, one, surveyed, instruments, onKept }: Props) {
    const [isNew, setNew] = useState(false);
    const [dial, setDial] = useState<DialProps | null>(null);
    const Sketch = sketches[one.tool.name];
    return (
        <section aria-labelledby={one.tool.name}>
            <h2 id={one.tool.name} className="text-3xl">
                {one.tool.title}
            </h2>
            <div className="group grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-3 lg:not-has-[[data-wide]]:grid-cols-[minmax(0,1fr)_360px]">
                <div className="grid grid-cols-[minmax(0,1fr)] content-start gap-4">
                    <p className="max-w-prose text-soft">{one.tool.purpose}</p>
                    {one.sheets.map((sheet) => (
                        <SheetCard key={sheet.id} job={job} tool={one.tool} sheet={sheet} surveyed={surveyed} onKept={onKept} />
                    ))}
                    {one.tool.name === 'run-out' && (
                        <DialNotice
                            job={job.id}
                            instruments={instruments}
                            canWork={job.can.work}
                            onUse={(sent) => {
                                setDial(sent);
                                setNew(true);
                            }}
                        />
                    )}
                    {isNew ? (
                        <SheetForm
                            job={job.id}
                            tool={one.tool}
                            key={dial?.count ?? 0}
                            values={dial ? { ...one.proposed, stations: dial.stations } : one.proposed}
                            title=""
                            sheet={null}
                            surveyed={surveyed}
                            onKept={(kept) => {
                                onKept(kept);
                                setNew(false);
                            }}
                            onClose={() => setNew(false)}
                        />
                    ) : (
                        job.can.work && (
                            <Button
                                className="justify-self-start"
                                onClick={() => {
                                    setDial(null);
                                    setNew(true);
                                }}
                            >
                                {one.sheets.length === 0 ? 'Work it out for this job' : 'Another sheet'}
                            </Button>
                        )
                    )}
                </div>
                <div className="group-has-[[data-wide]]:hidden max-lg:hidden">
                    {Sketch && <Sketch result={one.sheets.at(-1)?.result ?? null} />}
                </div>
            </div>
        </section>
    );
}
