import { useState, type FormEvent } from 'react';
import { JointDrawing } from '@/features/run/components/joint-drawing';
import { RailHeat } from '@/features/run/components/rail-heat';
import type { Draft } from '@/features/run/lib/entry-body';
import { useUnits } from '@/shared/hooks/units';
import { forAGlove } from '@/shared/lib/for-a-glove';
import { typedLength } from '@/shared/lib/typed';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import { Select } from '@/shared/ui/select';
import type { ArcTimeProps, RailHeatProps, ZoneProps } from '@/types/props';

/** What is known of welding in this job. */
export interface Weld {
    processes: string[];
    /** What was welded with last (mm). */
    last: Record<string, unknown>;
    heats: RailHeatProps[];
    /** Where a run may lie, by joint. */
    zones: Record<string, ZoneProps[]>;
    arc: ArcTimeProps;
}

interface Props {
    step: string;
    joint: string;
    weld: Weld;
    busy: boolean;
    onWrite: (entry: Draft) => Promise<boolean>;
}

/** Where it is welded, a run as it was set and timed, a thermometer, and how warm each zone is by all runs so far. */
export function WeldRun({ step, joint, weld, busy, onWrite }: Props) {
    const { unit } = useUnits();
    const { last } = weld;
    const zones = weld.zones[joint] ?? [];
    const heats = weld.heats.filter((one) => one.joint === joint);
    const coolest = heats.flatMap((one) => one.zones).find((one) => one.isCoolest)?.id;
    const [zone, setZone] = useState(coolest ?? zones[0]?.id ?? '');
    const [run, setRun] = useState({
        process: typeof last.process === 'string' ? last.process : (weld.processes[0] ?? ''),
        voltage: typeof last.voltage === 'number' ? String(last.voltage) : '',
        current: typeof last.current === 'number' ? String(last.current) : '',
        length: typeof last.length === 'number' ? typedLength(last.length, unit) : '',
        seconds: '',
    });
    const [since, setSince] = useState<number | null>(null);
    const [read, setRead] = useState('');
    const put = (name: keyof typeof run) => (event: { target: { value: string } }) => setRun({ ...run, [name]: event.target.value });
    const arc = () => {
        if (since === null) setSince(Date.now());
        else {
            setRun({ ...run, seconds: ((Date.now() - since) / 1000).toFixed(1) });
            setSince(null);
        }
    };
    const write = (event: FormEvent) => {
        event.preventDefault();
        void onWrite({ step, kind: 'run', unit, run, zone }).then((taken) => {
            if (taken) setRun({ ...run, seconds: '' });
        });
    };
    const thermometer = () =>
        void onWrite({ step, kind: 'temperature', zone, temperature: read }).then((taken) => {
            if (taken) setRead('');
        });
    return (
        <details className="border-t border-line pt-2" open={heats.length > 0}>
            <summary className="min-h-11 content-center font-head text-xl font-semibold">Weld runs and heat</summary>
            {heats.map((heat) => (
                <RailHeat key={heat.side} heat={heat} />
            ))}
            {zones.length > 0 && <JointDrawing zones={zones} heats={heats} chosen={zone} onChoose={setZone} />}
            <form onSubmit={write} className="mt-2 grid items-end gap-3 sm:grid-cols-3" noValidate aria-label="A weld run">
                {zones.length > 0 && (
                    <div className="sm:col-span-3">
                        <Select
                            label="Where"
                            value={zone}
                            choices={zones.map((one) => ({ value: one.id, label: one.label }))}
                            onChange={setZone}
                        />
                    </div>
                )}
                <Select
                    label="Process"
                    value={run.process}
                    choices={weld.processes.map((process) => ({ value: process, label: process }))}
                    onChange={(process) => setRun({ ...run, process })}
                />
                <Field label="Volts" {...forAGlove()} value={run.voltage} onChange={put('voltage')} />
                <Field label="Amperes" {...forAGlove()} value={run.current} onChange={put('current')} />
                <Field label={`Length of the run, ${unit}`} {...forAGlove()} value={run.length} onChange={put('length')} />
                <Field label="Seconds" {...forAGlove()} value={run.seconds} onChange={put('seconds')} />
                <Button className="min-h-16" aria-pressed={since !== null} onClick={arc}>
                    {since === null ? 'Arc on: start the clock' : 'Arc off'}
                </Button>
                <Button type="submit" className="min-h-16" disabled={busy || run.seconds === ''}>
                    Write the run down
                </Button>
            </form>
            <Arc arc={weld.arc} />
            {heats.length > 0 && (
                <div className="mt-3 flex flex-wrap items-end gap-3">
                    <Field
                        label="A thermometer reads there, °C"
                        className="max-w-60"
                        {...forAGlove()}
                        value={read}
                        onChange={(event) => setRead(event.target.value)}
                    />
                    <Button className="min-h-16" disabled={busy || read === ''} onClick={thermometer}>
                        Correct the estimate by it
                    </Button>
                </div>
            )}
        </details>
    );
}

/** How long the arc was on in the last ten minutes, against the machine’s duty cycle. */
function Arc({ arc }: { arc: ArcTimeProps }) {
    if (arc.minutes === 0 && arc.allowed === null) return null;
    const isOver = arc.allowed !== null && arc.minutes > arc.allowed;
    return (
        <p className={`mt-3 border-l-[6px] pl-3 tabular-nums ${isOver ? 'border-out' : 'border-line'}`}>
            {isOver && '▲ '}Arc on for {arc.minutes.toFixed(1)} of the last 10 min
            {arc.allowed === null
                ? '; keep a duty cycle on Heat and filler to know what the machine allows.'
                : `; the machine allows ${arc.allowed.toFixed(1)}.${isOver ? ' Let it rest.' : ''}`}
        </p>
    );
}
