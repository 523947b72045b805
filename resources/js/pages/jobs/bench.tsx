import { useState } from 'react';
import { BenchSketch } from '@/features/bench/components/bench-sketch';
import { JigForm } from '@/features/bench/components/jig-form';
import { PanelSketch } from '@/shared/sketches/square-check';
import { RoundForm, type Step } from '@/features/bench/components/round-form';
import { RoundPlot } from '@/features/bench/components/round-plot';
import { RoundResult } from '@/features/bench/components/round-result';
import { useBench } from '@/features/bench/hooks/use-bench';
import { useUnits } from '@/shared/hooks/units';
import { formatLength } from '@/shared/lib/format';
import { Button } from '@/shared/ui/button';
import { Segmented } from '@/shared/ui/segmented';
import { StageShell } from '@/shared/ui/stage-shell';
import { Trouble } from '@/shared/ui/trouble';
import type { BenchProps, JobProps } from '@/types/props';

export default function BenchPage({ job, bench }: { job: JobProps; bench: BenchProps }) {
    return (
        <StageShell job={job} stage="bench" note="level it, square it, set the vehicle on it">
            <Bench job={job} initial={bench} />
        </StageShell>
    );
}

function Bench({ job, initial }: { job: JobProps; initial: BenchProps }) {
    const { bench, errors, trouble, saveJig, addRound } = useBench(job.id, initial);
    const { unit, denominator } = useUnits();
    const [step, setStep] = useState<Step>('level');
    const [changing, setChanging] = useState(initial.jig === null);
    const rounds = bench.rounds.filter((round) => round.kind === step);
    const last = rounds.at(-1);
    if (bench.jig === null || changing) {
        return (
            <div className="max-w-2xl p-5">
                <h2 className="mb-1 text-3xl">What the vehicle stands on</h2>
                <p className="mb-4 text-soft">
                    A bench, a jig, or a level floor with stands. Its size and screws say how far a turn moves a corner.
                </p>
                {trouble && <Trouble title="Not kept yet">{trouble}</Trouble>}
                <JigForm jig={bench.jig} errors={errors} disabled={!job.can.work} onSave={saveJig} onDone={() => setChanging(false)} />
            </div>
        );
    }
    return (
        <div className="grid min-h-0 flex-1 content-start gap-x-8 relative gap-y-5 overflow-y-auto p-5 lg:grid-cols-[1fr_1.15fr]">
            <div className="flex flex-wrap items-center gap-4 lg:col-span-2">
                <Segmented
                    label="Step"
                    value={step}
                    onChange={setStep}
                    choices={[
                        { value: 'level', label: '1 Level' },
                        { value: 'square', label: '2 Square' },
                        { value: 'set', label: '3 Set the vehicle' },
                    ]}
                />
                <p className="text-soft">
                    {bench.jig.length !== null && bench.jig.width !== null
                        ? `${formatLength(bench.jig.length, unit, denominator)} × ${formatLength(bench.jig.width, unit, denominator)} ${unit}`
                        : 'Size not given'}
                    , good enough within {formatLength(bench.jig.tolerance, unit, denominator)} {unit}
                </p>
                <Button look="quiet" onClick={() => setChanging(true)}>
                    Change the bench
                </Button>
            </div>
            <div className="grid content-start gap-4">
                {trouble && <Trouble title="Not worked out">{trouble}</Trouble>}
                <RoundForm key={step} step={step} pairs={bench.pairs} errors={errors} disabled={!job.can.work} onAdd={addRound} />
                <p className="text-sm text-soft">
                    Never under a vehicle that stands on jacks alone; lower it on its stands before a hand goes in.
                </p>
            </div>
            <div className="grid content-start gap-4 lg:sticky lg:top-0 lg:self-start">
                {step === 'square' ? (
                    <PanelSketch result={{ rack: last ? (last.corners[0]?.right ?? 0) / -3 : 0 }} />
                ) : (
                    step === 'level' && <BenchSketch jig={bench.jig} round={last} />
                )}
                {last ? (
                    <RoundResult round={last} job={job.id} canWork={job.can.work} />
                ) : (
                    <p className="text-soft">
                        {step === 'level' &&
                            'Measure the four corners; the turns of each screw are worked out, with the least to move and never past a stop.'}
                        {step === 'square' && 'Measure the four sides and both diagonals; which corner moves how far is worked out.'}
                        {step === 'set' &&
                            'Drop a plumb bob from a matched pair front and rear: something structural on both rails that cannot have moved. How far to push each end is worked out, and what that does to the other.'}
                    </p>
                )}
                <RoundPlot rounds={rounds} tolerance={bench.jig.tolerance} />
            </div>
        </div>
    );
}
