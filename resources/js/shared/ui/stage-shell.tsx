import { Head, Link } from '@inertiajs/react';
import { useState, type ReactNode } from 'react';
import { UnitProvider, useUnits } from '@/shared/hooks/units';
import { useHotkeys } from '@/shared/hooks/use-hotkeys';
import { path } from '@/shared/lib/path';
import { Keys } from '@/shared/ui/keys';
import { StageRail } from '@/shared/ui/stage-rail';
import { TopBar } from '@/shared/ui/top-bar';
import { UnitSwitch } from '@/shared/ui/unit-switch';
import type { JobProps } from '@/types/props';

interface Props {
    job: JobProps;
    stage: string;
    note?: ReactNode;
    menu?: ReactNode;
    children: ReactNode;
}

/** The frame that every stage of a job stands in. */
export function StageShell(props: Props) {
    return (
        <UnitProvider job={props.job.id} units={props.job.units} denominator={props.job.inchDenominator}>
            <Shell {...props} />
        </UnitProvider>
    );
}

function Shell({ job, stage, note, menu, children }: Props) {
    const { unit, setUnit, toggle } = useUnits();
    const [keys, showKeys] = useState(false);
    useHotkeys({ u: toggle, '?': () => showKeys(true) });
    const label = job.stages.find((one) => one.key === stage)?.label ?? '';
    return (
        <div className="flex min-h-dvh flex-col lg:h-dvh">
            <Head title={`${label}, ${job.title}`} />
            <TopBar>
                <h1 className="min-w-0 truncate text-xl max-sm:flex-1 sm:border-l sm:border-ink sm:pl-4 sm:text-2xl">
                    <Link href={path('job.about', { job: job.id })} className="decoration-line underline-offset-4 hover:underline">
                        {job.title}
                    </Link>
                </h1>
                <p className="min-w-0 flex-1 truncate text-soft max-sm:hidden">
                    {job.vehicle}
                    {job.vehicle && note && ' · '}
                    {note}
                </p>
                {menu && <div className="max-sm:hidden">{menu}</div>}
                <UnitSwitch unit={unit} onChange={setUnit} />
                <a
                    href={path('job.file', { job: job.id })}
                    className="flex min-h-11 items-center underline decoration-line underline-offset-4 max-sm:hidden"
                >
                    Job file
                </a>
                <button
                    type="button"
                    onClick={() => showKeys(true)}
                    className="min-h-11 min-w-11 font-medium max-sm:hidden"
                    aria-label="Keys"
                >
                    ?
                </button>
            </TopBar>
            <div className="flex min-h-0 flex-1 flex-col md:flex-row">
                <StageRail stages={job.stages} current={stage} />
                <main className="flex min-h-0 min-w-0 flex-1 flex-col">{children}</main>
            </div>
            <Keys open={keys} onOpenChange={showKeys} />
        </div>
    );
}
