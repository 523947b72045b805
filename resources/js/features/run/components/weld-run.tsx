import { useState, type FormEvent } from 'react';
import { useCountdown } from '@/features/run/hooks/use-countdown';
import type { Entry } from '@/features/run/hooks/use-run';
import { useUnits } from '@/shared/hooks/units';
import { typedLength } from '@/shared/lib/typed';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import { Select } from '@/shared/ui/select';
import type { JointHeatProps } from '@/types/props';

interface Props {
    step: string;
    processes: string[];
    /** What was welded with last (mm). */
    last: Record<string, unknown>;
    heat: JointHeatProps | undefined;
    busy: boolean;
    onWrite: (entry: Entry) => Promise<boolean>;
}

/** A weld run as it was set and timed, and how warm the joint is by all runs so far. */
export function WeldRun({ step, processes, last, heat, busy, onWrite }: Props) {
    const { unit } = useUnits();
    const [run, setRun] = useState({
        process: typeof last.process === 'string' ? last.process : (processes[0] ?? ''),
        voltage: typeof last.voltage === 'number' ? String(last.voltage) : '',
        current: typeof last.current === 'number' ? String(last.current) : '',
        length: typeof last.length === 'number' ? typedLength(last.length, unit) : '',
        seconds: '',
    });
    const [since, setSince] = useState<number | null>(null);
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
        void onWrite({ step, kind: 'run', unit, run }).then((stored) => {
            if (stored) setRun({ ...run, seconds: '' });
        });
    };
    return (
        <details className="border-t border-line pt-2" open={heat !== undefined}>
            <summary className="min-h-11 content-center font-head text-xl font-semibold">Weld runs and heat</summary>
            {heat && <Heat key={`${heat.temperature} ${heat.wait}`} heat={heat} />}
            <form onSubmit={write} className="mt-2 grid items-end gap-3 sm:grid-cols-3" noValidate aria-label="A weld run">
                <Select
                    label="Process"
                    value={run.process}
                    choices={processes.map((process) => ({ value: process, label: process }))}
                    onChange={(process) => setRun({ ...run, process })}
                />
                <Field label="Volts" inputMode="decimal" value={run.voltage} onChange={put('voltage')} />
                <Field label="Amperes" inputMode="decimal" value={run.current} onChange={put('current')} />
                <Field label={`Length of the run, ${unit}`} inputMode="decimal" value={run.length} onChange={put('length')} />
                <Field label="Seconds" inputMode="decimal" value={run.seconds} onChange={put('seconds')} />
                <Button className="min-h-14" aria-pressed={since !== null} onClick={arc}>
                    {since === null ? 'Arc on: start the clock' : 'Arc off'}
                </Button>
                <Button type="submit" className="min-h-14" disabled={busy || run.seconds === ''}>
                    Write the run down
                </Button>
            </form>
        </details>
    );
}

function Heat({ heat }: { heat: JointHeatProps }) {
    const left = useCountdown(heat.wait ?? 0);
    return (
        <p role="status" className={`border-l-[6px] pl-3 ${left > 0 || heat.wait === null ? 'border-unsure' : 'border-ink'}`}>
            <b className="font-semibold">
                {heat.wait === null
                    ? '◌ Too warm for hours: move to another joint.'
                    : left > 0
                      ? `◌ Wait ${left < 90 ? `${left.toFixed(0)} s` : `${Math.ceil(left / 60)} min`}.`
                      : '◆ Cool enough for the next run.'}
            </b>{' '}
            <span className="tabular-nums">
                By the runs so far about {heat.temperature.toFixed(0)} °C there when this was loaded, {heat.low.toFixed(0)} to{' '}
                {heat.high.toFixed(0)}; the next from {heat.limit.toFixed(0)} °C down. An estimate: read it with a thermometer.
            </span>
        </p>
    );
}
