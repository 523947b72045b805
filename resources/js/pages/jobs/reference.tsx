import { say } from '@/shared/lib/say';
import { usePage } from '@inertiajs/react';
import { useState } from 'react';
import { FrameDrawing } from '@/shared/drawing/components/frame-drawing';
import { AddSource } from '@/features/reference/components/add-source';
import { ChartTable } from '@/features/reference/components/chart-table';
import { Comparison } from '@/features/reference/components/comparison';
import { SourceList } from '@/features/reference/components/source-list';
import { useChart } from '@/features/reference/hooks/use-chart';
import { useUnits } from '@/shared/hooks/units';
import { Problems } from '@/shared/ui/problems';
import { StageShell } from '@/shared/ui/stage-shell';
import { Trouble } from '@/shared/ui/trouble';
import type { ComparisonProps, JobProps, ReferenceProps } from '@/types/props';

interface Props {
    job: JobProps;
    reference: ReferenceProps;
    comparison: ComparisonProps | null;
}

export default function ReferencePage(props: Props) {
    return (
        <StageShell job={props.job} stage="reference" note="what the frame should measure">
            <Reference key={`${props.job.id} ${props.reference.inForce}`} {...props} />
        </StageShell>
    );
}

function Reference({ job, reference: initial, comparison }: Props) {
    const { unit } = useUnits();
    const { notice, errors } = usePage().props;
    const [reference, setReference] = useState(initial);
    const [chosen, setChosen] = useState<string | null>(null);
    const [kept, setKept] = useState(false);
    const chart = useChart(job.id, initial, unit);
    const shown = { ...reference, sources: initial.sources.length > reference.sources.length ? initial.sources : reference.sources };
    const apart = comparison?.regions.flatMap((region) => (region.side === 'agree' ? [] : region.points)) ?? [];
    return (
        <div className="flex min-h-0 flex-1 flex-col lg:flex-row">
            <div className="flex min-h-[320px] min-w-0 flex-1 flex-col">
                <FrameDrawing
                    body={job.body}
                    points={chart.points}
                    axles={reference.axles}
                    chosen={chosen ? [chosen] : apart}
                    factor={1}
                    onFactor={() => undefined}
                    onChoose={setChosen}
                    summary={`The chart as it is typed: ${chart.points.filter((point) => point.chart).length} of ${chart.points.length} points have a place.`}
                />
                {chart.points.every((point) => point.chart === null) && (
                    <p className="border-t border-ink bg-paper px-5 py-4 text-soft">
                        No point has a place yet. Type the chart in beside, take in a file, or survey without one: the frame is then held
                        against its own mirror image.
                    </p>
                )}
            </div>
            <div
                className="flex min-h-0 flex-col gap-6 border-ink bg-paper p-4 max-lg:border-t lg:w-[690px] relative lg:overflow-y-auto lg:border-l"
                tabIndex={-1}
            >
                {notice && (
                    <p role="status" className="border-l-[6px] border-ink pl-3">
                        {notice}
                    </p>
                )}
                <Problems errors={errors as Record<string, string>} />
                {comparison && <Comparison comparison={comparison} />}
                {reference.faults.length > 0 && (
                    <section aria-labelledby="faults" className="border-l-[6px] border-out pl-4">
                        <h2 id="faults" className="text-2xl">
                            The chart looks wrong in {reference.faults.length} {reference.faults.length === 1 ? 'place' : 'places'}
                        </h2>
                        <ul className="mt-1 grid gap-1">
                            {reference.faults.map((fault) => (
                                <li key={say(fault.text, 'mm')}>{say(fault.text, unit)}</li>
                            ))}
                        </ul>
                    </section>
                )}
                <SourceList reference={shown} job={job.id} canWork={job.can.work} />
                {job.can.work && <AddSource job={job.id} surveys={reference.surveys} />}
                <section aria-labelledby="chart">
                    <h2 id="chart" className="mb-2 text-2xl">
                        The chart, point by point
                    </h2>
                    {chart.trouble.length > 0 && (
                        <div role="alert" className="mb-3">
                            <Trouble title="Not kept yet">
                                <ul>
                                    {chart.trouble.map((line) => (
                                        <li key={line}>{line}</li>
                                    ))}
                                </ul>
                            </Trouble>
                        </div>
                    )}
                    {kept && chart.trouble.length === 0 && (
                        <p role="status" className="mb-3 border-l-[6px] border-ink pl-3">
                            The chart is kept; every survey of this job is held against it now.
                        </p>
                    )}
                    <ChartTable
                        chart={chart}
                        faulty={reference.faults.flatMap((fault) => (fault.points.length <= 2 ? fault.points : []))}
                        disabled={!job.can.work}
                        chosen={chosen}
                        onChoose={setChosen}
                        onSave={() =>
                            void chart.save().then((saved) => {
                                setKept(saved !== null);
                                if (saved) setReference(saved);
                            })
                        }
                    />
                </section>
            </div>
        </div>
    );
}
