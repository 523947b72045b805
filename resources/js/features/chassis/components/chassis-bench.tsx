import { router } from '@inertiajs/react';
import { useState } from 'react';
import { QuickSet } from '@/features/chassis/components/quick-set';
import { RowForm } from '@/features/chassis/components/row-form';
import { RowTable } from '@/features/chassis/components/row-table';
import { SectionView } from '@/features/chassis/components/section-view';
import { rowsOf, useChassis, type Row } from '@/features/chassis/hooks/use-chassis';
import { useSection } from '@/features/chassis/hooks/use-section';
import { PlanPages } from '@/shared/ui/plan-pages';
import { FrameDrawing } from '@/shared/drawing/components/frame-drawing';
import { useUnits } from '@/shared/hooks/units';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { Adrift } from '@/shared/ui/adrift';
import { Segmented } from '@/shared/ui/segmented';
import { Trouble } from '@/shared/ui/trouble';
import type { ChassisProps, JobProps } from '@/types/props';

/** The frame as metal: table, drawing and section show the same choice. */
export function ChassisBench({ job, initial }: { job: JobProps; initial: ChassisProps }) {
    const { unit } = useUnits();
    const { chassis, refusal, busy, forget, save, quick } = useChassis(job.id, initial, unit);
    const [listed, setListed] = useState(initial.lists.some((one) => one.list === 'rails' && one.rows.length > 0) ? 'features' : 'axles');
    const [open, setOpen] = useState<string | null>(null);
    const [isQuick, setIsQuick] = useState(false);
    const knots = chassis.body.rails.flatMap((rail) => rail.knots.map((knot) => knot[0] ?? 0));
    const limits: [number, number] = knots.length > 0 ? [Math.min(...knots), Math.max(...knots)] : [0, 1000];
    const [station, setStation] = useState(Math.round((limits[0] + limits[1]) / 20) * 10);
    const [side, setSide] = useState<'left' | 'right'>('left');
    const section = useSection(job.id, station, side, chassis.revision);

    const list = chassis.lists.find((one) => one.list === listed) ?? chassis.lists[0];
    if (!list) return null;
    const rows = rowsOf(list, unit);
    const isNew = open !== null && !rows.some((row) => row.id === open);
    const row: Row | undefined = open === null ? undefined : (rows.find((one) => one.id === open) ?? { id: open, values: {} });
    const choose = (id: string) => {
        forget();
        setOpen(id);
        const fixture = chassis.body.fixtures.find((one) => one.id === id);
        if (fixture) setStation(Math.round((fixture.front + fixture.rear) / 2));
    };
    const chooseDrawn = (id: string) => {
        setListed(chassis.body.fixtures.some((one) => one.id === id) ? 'features' : 'lines');
        choose(id);
    };
    const keep = async (kept: Row[]) => {
        if (await save(list.list, kept)) setOpen(null);
    };
    return (
        <div className="flex min-h-0 flex-1 flex-col lg:flex-row">
            <div className="flex min-h-[320px] min-w-0 flex-1 flex-col max-lg:h-[46dvh] max-lg:flex-none">
                <FrameDrawing
                    points={chassis.points}
                    axles={chassis.axles}
                    body={chassis.body}
                    part={open}
                    onPart={chooseDrawn}
                    named={chassis.body.fixtures.length < 12}
                    summary="The frame as metal; the tables beside it list every part."
                >
                    {(scene) =>
                        knots.length > 0 && (
                            <path
                                d={`M${scene.x(station)} 34V${scene.height}`}
                                stroke="var(--now)"
                                strokeWidth={1.4}
                                strokeDasharray="12 4 3 4"
                                aria-hidden
                            />
                        )
                    }
                </FrameDrawing>
            </div>
            <div
                className="relative flex min-h-0 flex-col gap-4 border-ink bg-paper p-4 max-lg:border-t lg:w-[480px] lg:overflow-y-auto lg:border-l [&>*]:shrink-0"
                tabIndex={-1}
                aria-busy={busy}
            >
                <PlanPages job={job.id} current="chassis" />
                <Adrift faults={chassis.adrift} />
                {(isQuick || knots.length === 0) && job.can.work && (
                    <QuickSet
                        fields={chassis.quick}
                        refusal={refusal}
                        busy={busy}
                        onMake={(values) => void quick(values).then((made) => made && setIsQuick(false))}
                    />
                )}
                {knots.length > 0 && (
                    <SectionView section={section} station={station} limits={limits} side={side} onStation={setStation} onSide={setSide} />
                )}
                <div className="-mx-4 shrink-0 overflow-x-auto px-4">
                    <Segmented
                        label="What is listed"
                        value={list.list}
                        onChange={(next) => {
                            setListed(next);
                            setOpen(null);
                            forget();
                        }}
                        choices={chassis.lists.map((one) => ({ value: one.list, label: `${one.label} ${one.rows.length}` }))}
                    />
                </div>
                <p className="text-soft">{list.purpose}</p>
                {row && (
                    <RowForm
                        key={`${list.list} ${row.id} ${unit}`}
                        list={list}
                        row={row}
                        at={isNew ? rows.length : rows.findIndex((one) => one.id === row.id)}
                        isNew={isNew}
                        refusal={refusal}
                        busy={busy}
                        onSave={(typed) => void keep(isNew ? [...rows, typed] : rows.map((one) => (one.id === typed.id ? typed : one)))}
                        onRemove={() => void keep(rows.filter((one) => one.id !== row.id))}
                        onClose={() => {
                            setOpen(null);
                            forget();
                        }}
                    />
                )}
                {refusal && (
                    <div role="alert">
                        <Trouble title="Not kept">{refusal.message}</Trouble>
                    </div>
                )}
                {job.can.work && !row && (
                    <div className="flex flex-wrap gap-2">
                        <Button look={knots.length > 0 ? 'now' : 'plain'} onClick={() => choose(freshId(list.list, rows))}>
                            {`Add: ${list.label.toLowerCase()}`}
                        </Button>
                        {knots.length > 0 && !isQuick && (
                            <Button look="quiet" onClick={() => setIsQuick(true)}>
                                Start from eight numbers
                            </Button>
                        )}
                    </div>
                )}
                <RowTable list={list} chosen={open} onChoose={choose} />
                <Files job={job.id} list={list.list} canWork={job.can.work} />
            </div>
        </div>
    );
}

/** The next free name in a list: its letter and a number. */
function freshId(list: string, rows: Row[]): string {
    const letter = list === 'features' ? 'F' : (list[0]?.toUpperCase() ?? 'P');
    let n = rows.length + 1;
    while (rows.some((row) => row.id === `${letter}${n}`)) n++;
    return `${letter}${n}`;
}

/** The list as a table for a spreadsheet, out and in. */
function Files({ job, list, canWork }: { job: number; list: string; canWork: boolean }) {
    return (
        <div className="flex flex-wrap items-center gap-4">
            <a
                className="inline-flex min-h-11 items-center underline decoration-line underline-offset-4"
                href={path('chassis.csv', { job, list })}
            >
                As CSV
            </a>
            {canWork && (
                <label className="inline-flex min-h-11 cursor-pointer items-center underline decoration-line underline-offset-4">
                    Take in a CSV
                    <input
                        type="file"
                        accept=".csv,text/csv"
                        className="sr-only"
                        onChange={(event) => {
                            const file = event.target.files?.[0];
                            if (file) router.post(path('chassis.take-in', { job, list }), { file }, { preserveState: false });
                        }}
                    />
                </label>
            )}
        </div>
    );
}
