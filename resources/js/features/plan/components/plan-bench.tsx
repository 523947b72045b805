import { CutHandle } from '@/features/plan/components/cut-handle';
import { Ghost } from '@/features/plan/components/ghost';
import { Variants } from '@/features/plan/components/variants';
import { OperationCard } from '@/features/plan/components/operation-card';
import { CarriedTable, CutTable, TargetTable } from '@/features/plan/components/plan-tables';
import { usePlan, type Draft } from '@/features/plan/hooks/use-plan';
import { FrameDrawing } from '@/shared/drawing/components/frame-drawing';
import { useUnits } from '@/shared/hooks/units';
import { formatLength } from '@/shared/lib/format';
import { path } from '@/shared/lib/path';
import { Ask } from '@/shared/ui/ask';
import { PlanPages } from '@/shared/ui/plan-pages';
import { Select } from '@/shared/ui/select';
import { Named } from '@/shared/ui/field-inputs';
import { Adrift } from '@/shared/ui/adrift';
import { Button } from '@/shared/ui/button';
import { Trouble } from '@/shared/ui/trouble';
import { typedLength, typedMillimetres } from '@/shared/lib/typed';
import { say } from '@/shared/lib/say';
import { UNJUDGED } from '@/shared/lib/unjudged';
import type { JobProps, PlanProps, PointProps } from '@/types/props';

/** Kinds that are used so often that they have keys of their own. */
const AT_HAND = 2;

/** The stage where the change is planned: the cut on the drawing, the length typed, the target beside it. */
export function PlanBench({ job, initial }: { job: JobProps; initial: PlanProps }) {
    const { unit, denominator } = useUnits();
    const { plan, drafts, refusal, busy, save, edit, add, toVariant, dropVariant, startFrom } = usePlan(job.id, initial, unit);
    const fieldsOf = (draft: Draft) => plan.kinds.find((one) => one.kind === draft.kind)?.fields ?? [];
    const place = (draft: Draft, field: string, station: number) => {
        const values = { ...draft.values, [field]: typedLength(station, unit) };
        const isWhole = fieldsOf(draft).every((one) => !one.isRequired || values[one.name] !== undefined);
        if (isWhole) void save(drafts.map((one) => (one.id === draft.id ? { ...one, values } : one)));
        else edit(draft.id, { values });
    };
    const names = Object.fromEntries(
        Object.entries(plan.named).map(([list, known]) => [
            list,
            Object.entries(known).map(([id, words]) => ({ value: id, label: words === id ? id : `${id}: ${words}` })),
        ]),
    );
    const limits: [number, number] = [plan.rail?.[0] ?? 0, plan.rail?.[1] ?? 0];
    const show = (mm: number | null) => (mm === null ? '–' : `${formatLength(mm, unit, denominator)} ${unit}`);
    return (
        <div className="flex min-h-0 flex-1 flex-col lg:flex-row">
            <div className="flex min-h-[320px] min-w-0 flex-1 flex-col max-lg:h-[46dvh] max-lg:flex-none">
                <FrameDrawing
                    points={plan.target.map(asPoint)}
                    axles={plan.axlesBefore}
                    reach={plan.axlesAfter
                        .map((axle) => axle.station + (axle.tyreRadius ?? 0))
                        .concat(plan.target.flatMap((one) => one.target?.[0] ?? []))}
                    named={plan.operations.length === 0}
                    body={plan.operations.length === 0 ? job.body : plan.bodyAfter}
                    summary="The planned frame over its chart. Each cut is a slider; the table lists every target."
                >
                    {(scene) => (
                        <>
                            {plan.operations.length > 0 && <Ghost target={plan.target} axles={plan.axlesAfter} scene={scene} />}
                            {drafts.flatMap((draft) =>
                                fieldsOf(draft)
                                    .filter((field) => field.isStation)
                                    .map((field) => {
                                        const cut = plan.cuts.find((one) => one.operation === draft.id);
                                        const at =
                                            cut?.cut ??
                                            typedMillimetres(draft.values[field.name], unit) ??
                                            plan.stations[draft.id]?.[field.name];
                                        return at === undefined ? null : (
                                            <CutHandle
                                                key={`${draft.id}.${field.name}`}
                                                scene={scene}
                                                name={draft.id}
                                                what={plan.stations[draft.id] && !cut ? 'change' : 'cut'}
                                                at={at}
                                                bandEnd={cut?.bandEnd ?? at}
                                                limits={limits}
                                                disabled={!job.can.work}
                                                onPlace={(station) => place(draft, field.name, station)}
                                            />
                                        );
                                    }),
                            )}
                        </>
                    )}
                </FrameDrawing>
            </div>
            <div
                className="flex min-h-0 flex-col gap-5 border-ink bg-paper p-4 max-lg:border-t lg:w-[440px] relative lg:overflow-y-auto lg:border-l"
                tabIndex={-1}
                aria-busy={busy}
            >
                <PlanPages job={job.id} current="plan" />
                <Variants
                    plan={plan}
                    canWork={job.can.work}
                    onChoose={(one) => void toVariant(one)}
                    onDrop={(one) => void dropVariant(one)}
                />
                <div>
                    <Select
                        label="Planned from"
                        value={plan.startsFrom ?? ''}
                        disabled={!job.can.work}
                        choices={[
                            { value: '', label: 'the chart' },
                            ...plan.surveys.map((code) => ({ value: code, label: `survey “${code}”, as measured` })),
                        ]}
                        onChange={(survey) => void startFrom(survey)}
                    />
                    {plan.startsFrom && (
                        <p className="mt-1 text-soft">
                            Points that were measured start where they were found; the others, and the axles, where the chart has them. What
                            is bent stays bent in the target.
                        </p>
                    )}
                </div>
                <Adrift faults={plan.adrift} />
                {plan.trouble && <Trouble title="This cannot be planned yet">{plan.trouble.message}</Trouble>}
                <dl className="flex gap-8">
                    {[
                        ['Wheelbase before', plan.wheelbaseBefore],
                        ['after', plan.wheelbaseAfter],
                    ].map(([label, mm]) => (
                        <div key={label as string}>
                            <dt className="text-sm text-soft">{label}</dt>
                            <dd className="text-2xl font-semibold">
                                <Ask about="wheelbase">{show(mm as number | null)}</Ask>
                            </dd>
                        </div>
                    ))}
                </dl>
                {drafts.length === 0 && plan.operations.length === 0 && !plan.trouble && (
                    <p>
                        Nothing is planned. Add a stretch, a shorten or another change; a cut is placed on the drawing, or typed as “350
                        behind CL”.
                    </p>
                )}
                <Named value={names}>
                    {drafts.map((draft, index) => (
                        <OperationCard
                            key={draft.id}
                            draft={draft}
                            kinds={plan.kinds}
                            index={index}
                            errors={refusal?.fields ?? {}}
                            isSaved={plan.operations.some((one) => one.id === draft.id)}
                            disabled={!job.can.work}
                            onEdit={(change) => edit(draft.id, change)}
                            onSave={() => void save(drafts)}
                            onRemove={() => void save(drafts.filter((one) => one.id !== draft.id))}
                        />
                    ))}
                </Named>
                {refusal && (
                    <div role="alert">
                        <Trouble title="Not planned">{refusal.message}</Trouble>
                    </div>
                )}
                {job.can.work && !plan.trouble && (
                    <div className="flex flex-wrap gap-2">
                        {plan.kinds.slice(0, AT_HAND).map((kind, i) => (
                            <Button key={kind.kind} look={drafts.length === 0 && i === 0 ? 'now' : 'plain'} onClick={() => add(kind)}>
                                {`Add a ${kind.label.toLowerCase()}`}
                            </Button>
                        ))}
                        <Select
                            label="Another change"
                            value=""
                            choices={[
                                { value: '', label: 'choose' },
                                ...plan.kinds.slice(AT_HAND).map((kind) => ({ value: kind.kind, label: kind.label })),
                            ]}
                            onChange={(chosen) => {
                                const kind = plan.kinds.find((one) => one.kind === chosen);
                                if (kind) add(kind);
                            }}
                        />
                    </div>
                )}
                {plan.operations.length > 0 && (
                    <>
                        {plan.warnings.length > 0 && (
                            <ul className="grid gap-1.5">
                                {plan.warnings.map((warning) => (
                                    <li key={say(warning, 'mm')} className="border-l-[6px] border-out pl-3">
                                        {say(warning, unit)}
                                    </li>
                                ))}
                            </ul>
                        )}
                        <p className="border border-ink px-3 py-2">
                            Before cutting: tie both halves to the bench, support the vehicle, disconnect the battery, drain or shield fuel
                            lines. The vehicle maker's body-builder instructions, local rules and a licensed engineer decide whether this
                            frame may be cut at all.
                        </p>
                        <section>
                            <h2 className="mb-1 text-2xl">Saw and prove</h2>
                            <CutTable plan={plan} />
                            {plan.ends.length > 0 && (
                                <>
                                    <h3 className="mt-3 text-lg">
                                        <Ask about="ends">The ends, as they were measured</Ask>
                                    </h3>
                                    <ul className="grid gap-1">
                                        {plan.ends.map((one) => (
                                            <li key={say(one, 'mm')}>{say(one, unit)}</li>
                                        ))}
                                    </ul>
                                </>
                            )}
                        </section>
                        <section>
                            <h2 className="mb-1 text-2xl">What crosses a cut</h2>
                            <CarriedTable plan={plan} />
                        </section>
                        <section>
                            <div className="mb-1 flex items-baseline justify-between">
                                <h2 className="text-2xl">Target</h2>
                                <a
                                    href={path('plan.target', { job: job.id })}
                                    className="inline-flex min-h-11 items-center underline decoration-line underline-offset-4"
                                >
                                    Target as CSV, mm
                                </a>
                            </div>
                            <TargetTable plan={plan} />
                        </section>
                    </>
                )}
            </div>
        </div>
    );
}

/** The drawing's chart lines want points; a plan knows only where they are and where they go. */
function asPoint(one: PlanProps['target'][number]): PointProps {
    return {
        ...one,
        mate: null,
        base: false,
        feature: '',
        tolerance: [],
        verdict: 'in',
        ...UNJUDGED,
    };
}
