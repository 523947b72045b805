import { useMemo, useState } from 'react';
import { LinkDrawing } from '@/features/gear/components/link-drawing';
import { useTried } from '@/features/gear/hooks/use-tried';
import { linksOf, moved, moveOf, partner, type LinkEnd, type Place } from '@/features/gear/lib/link-ends';
import { ComparedTable } from '@/features/gear/components/compared-table';
import { useHotkeys } from '@/shared/hooks/use-hotkeys';
import { useUnits } from '@/shared/hooks/units';
import { formatDeviation } from '@/shared/lib/format';
import { send } from '@/shared/lib/http';
import { path } from '@/shared/lib/path';
import { typedValues } from '@/shared/lib/typed';
import { Button } from '@/shared/ui/button';
import { Segmented } from '@/shared/ui/segmented';
import { Select } from '@/shared/ui/select';
import { Trouble } from '@/shared/ui/trouble';
import type { GearPageProps, JobProps, ToolProps, WorksheetProps } from '@/types/props';

interface Props {
    job: JobProps;
    tool: ToolProps;
    sheet: WorksheetProps;
    onKept: (gear: GearPageProps) => void;
}

const KEYS: { key: string; label: string; shown: string }[] = [
    { key: 'ArrowLeft', label: 'forward', shown: '←' },
    { key: 'ArrowRight', label: 'rearward', shown: '→' },
    { key: 'ArrowUp', label: 'up', shown: '↑' },
    { key: 'ArrowDown', label: 'down', shown: '↓' },
    { key: 'PageUp', label: 'to the left', shown: '⇞' },
    { key: 'PageDown', label: 'to the right', shown: '⇟' },
];

/** Mounts moved by the arrow keys, with what that does to the axle beside what it does now. */
export function LinkBench({ job, tool, sheet, onKept }: Props) {
    const { unit } = useUnits();
    const before = useMemo(() => linksOf(sheet.values), [sheet.values]);
    const [links, setLinks] = useState(before);
    const [chosen, setChosen] = useState<LinkEnd>({ link: 0, end: 'frame' });
    const [step, setStep] = useState('5');
    const [together, setTogether] = useState('yes');
    const [refusal, setRefusal] = useState<string | null>(null);
    const values = useMemo(
        () => ({ ...sheet.values, links: links.map(({ id, frame, axle }) => ({ id, frame, axle })) }),
        [sheet.values, links],
    );
    const { tried, trouble, isAsking } = useTried(job.id, tool, sheet, values);
    const move = (key: string) => {
        const by = moveOf(key, Number(step) * (unit === 'in' ? 25.4 / 16 : 1));
        if (by) setLinks((now) => moved(now, chosen, by, together === 'yes'));
    };
    useHotkeys(Object.fromEntries(KEYS.map(({ key }) => [key, () => move(key)])));
    const keep = async () => {
        const points = Object.fromEntries(Object.entries(sheet.points).filter(([at]) => !at.startsWith('links')));
        const body = { tool: tool.name, title: sheet.title, unit: 'mm', values: typedValues(tool.fields, values, 'mm'), points };
        const answer = await send<GearPageProps>('PUT', path('gear.change', { job: job.id, worksheet: sheet.id }), body, {
            revision: sheet.revision,
        });
        if (answer.state === 'ok') onKept(answer.body);
        else if (answer.state !== 'nothing') setRefusal(answer.message);
    };
    const link = links[chosen.link];
    if (!link) return null;
    const place = link[chosen.end];
    const was = before[chosen.link]?.[chosen.end] ?? place;
    const isMoved = links !== before;
    const said = (axis: number) =>
        `${formatDeviation(place[axis] ?? 0, unit, false)} (${formatDeviation((place[axis] ?? 0) - (was[axis] ?? 0), unit)})`;
    return (
        <section aria-label={`Mounts of ${sheet.title}`} data-wide className="mt-4 grid gap-4 border-t border-line pt-4">
            <LinkDrawing
                links={links}
                before={before}
                chosen={chosen}
                wheels={wheelsOf(sheet.values)}
                shaft={shaftOf(sheet.values)}
                instantCentre={centreOf(tried?.result)}
                onChoose={setChosen}
            >
                <p className="text-sm text-soft">
                    Arrow keys move the chosen mount forward, rearward, up and down; page up and page down to the left and right. Touch a
                    bolt to choose it.
                </p>
                <Select
                    label="Mount"
                    value={`${chosen.link}.${chosen.end}`}
                    choices={links.flatMap((one, i) =>
                        (['frame', 'axle'] as const).map((end) => ({ value: `${i}.${end}`, label: `${one.id} at the ${end}` })),
                    )}
                    onChange={(value) => setChosen({ link: Number(value.split('.')[0]), end: value.endsWith('axle') ? 'axle' : 'frame' })}
                />
                <div className="grid grid-cols-2 gap-3">
                    <div>
                        <p className="mb-1 text-sm text-soft">A key moves it by, {unit === 'in' ? '1/16 in' : 'mm'}</p>
                        <Segmented
                            label="A key moves it by"
                            value={step}
                            onChange={setStep}
                            choices={['1', '5', '25'].map((one) => ({ value: one, label: one }))}
                        />
                    </div>
                    <div>
                        <p className="mb-1 text-sm text-soft">The other side with it</p>
                        <Segmented
                            label="The other side with it"
                            value={together}
                            onChange={setTogether}
                            choices={['yes', 'no'].map((one) => ({ value: one, label: one }))}
                        />
                    </div>
                </div>
                {together === 'yes' && partner(links, chosen) === null && (
                    <p className="text-sm text-soft">This mount has none on the other side.</p>
                )}
                <div className="grid grid-cols-6 gap-2" role="group" aria-label="Move it">
                    {KEYS.map(({ key, label, shown }) => (
                        <button
                            key={key}
                            type="button"
                            aria-label={label}
                            className="min-h-14 border border-ink text-2xl"
                            onClick={() => move(key)}
                        >
                            {shown}
                        </button>
                    ))}
                </div>
                <p role="status" className="tabular-nums" aria-busy={isAsking}>
                    {link.id} at the {chosen.end}: rearward {said(0)}, right {said(1)}, up {said(2)} {unit}
                </p>
            </LinkDrawing>
            {(trouble ?? refusal) && <Trouble title="Not worked out">{trouble ?? refusal}</Trouble>}
            {tried && <ComparedTable rows={tried.rows} caption="As kept, and as tried" heads={['as kept', 'as tried']} isBusy={isAsking} />}
            <div className="flex flex-wrap gap-3">
                {job.can.work && (
                    <Button look="now" disabled={!isMoved || trouble !== null} onClick={() => void keep()}>
                        Keep these mounts
                    </Button>
                )}
                <Button look="quiet" disabled={!isMoved} onClick={() => setLinks(before)}>
                    Back to what is kept
                </Button>
            </div>
        </section>
    );
}

function wheelsOf(values: Record<string, unknown>): Place[] {
    const wheels = values.wheels as { left?: Place; right?: Place } | undefined;
    return [wheels?.left, wheels?.right].filter((one): one is Place => Array.isArray(one));
}

function shaftOf(values: Record<string, unknown>): [Place, Place] | null {
    const shaft = values.driveline as { frontJoint?: Place; pinionJoint?: Place } | undefined;
    return shaft?.frontJoint && shaft.pinionJoint ? [shaft.frontJoint, shaft.pinionJoint] : null;
}

function centreOf(result: Record<string, unknown> | undefined): [number, number] | null {
    const ride = result?.ride as { instantCentre?: number[] | null } | null | undefined;
    const [x, z] = ride?.instantCentre ?? [];
    return x === undefined || z === undefined ? null : [x, z];
}
