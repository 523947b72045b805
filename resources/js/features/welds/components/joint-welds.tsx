import { useState, type ReactNode } from 'react';
import type { Choice } from '@/features/welds/components/welds-bench';
import { WeldDrawing } from '@/features/welds/components/weld-drawing';
import { useUnits } from '@/shared/hooks/units';
import { formatLength } from '@/shared/lib/format';
import { say } from '@/shared/lib/say';
import { Segmented } from '@/shared/ui/segmented';
import { Select } from '@/shared/ui/select';
import type { JointWeldsProps, SchoolProps, SeamTacksProps, WeldPieceProps } from '@/types/props';

interface Props {
    joint: JointWeldsProps;
    schools: SchoolProps[];
    canWork: boolean;
    onChoose: (operation: string, chosen: Choice) => void;
}

/** One joint: its drawing with the pieces numbered, the order, the tacks, and what it does to the frame. */
export function JointWelds({ joint, schools, canWork, onChoose }: Props) {
    const { unit } = useUnits();
    const groups = [...new Set(joint.sequence.map((piece) => piece.group))];
    const [group, setGroup] = useState(groups[0] ?? '');
    const shown = joint.sequence.filter((piece) => piece.group === (groups.includes(group) ? group : groups[0]));
    const choose = (chosen: Partial<Choice>) =>
        canWork && onChoose(joint.operation, { school: joint.school, isHeld: joint.isHeld, isTurned: joint.isTurned, ...chosen });
    return (
        <section aria-labelledby={`joint-${joint.operation}`} className="grid gap-4">
            <h2 id={`joint-${joint.operation}`} className="text-3xl">
                {joint.title}
            </h2>
            <ul className="grid gap-1">
                {joint.distortion.map((one) => (
                    <li key={one.code} className="border-l-[6px] border-ink pl-3 tabular-nums">
                        {say(one, unit)}
                    </li>
                ))}
            </ul>
            <div className="flex flex-wrap items-end gap-4">
                <Select
                    label="Order of the pieces"
                    value={joint.school}
                    disabled={!canWork}
                    choices={schools.map((one) => ({ value: one.key, label: one.label }))}
                    onChange={(school) => choose({ school })}
                />
                <Labelled label="Until it is cold">
                    <Segmented
                        label="Until it is cold"
                        value={joint.isHeld ? 'held' : 'free'}
                        choices={[
                            { value: 'held', label: 'Held' },
                            { value: 'free', label: 'Free' },
                        ]}
                        onChange={(held) => choose({ isHeld: held === 'held' })}
                    />
                </Labelled>
                <Labelled label="What would be overhead">
                    <Segmented
                        label="What would be overhead"
                        value={joint.isTurned ? 'turned' : 'place'}
                        choices={[
                            { value: 'turned', label: 'Last, turned over' },
                            { value: 'place', label: 'In its place, overhead' },
                        ]}
                        onChange={(way) => choose({ isTurned: way === 'turned' })}
                    />
                </Labelled>
            </div>
            {groups.length > 1 && (
                <Select
                    label="Shown, in the order of the work"
                    inline
                    value={groups.includes(group) ? group : (groups[0] ?? '')}
                    choices={groups.map((one) => ({ value: one, label: one }))}
                    onChange={setGroup}
                />
            )}
            <WeldDrawing pieces={shown} />
            <div className="grid gap-6 xl:grid-cols-2">
                <Pieces pieces={shown} of={joint.sequence.length} heat={joint.heat} />
                <div className="grid content-start gap-6">
                    <Scores joint={joint} />
                    <Tacks tacks={joint.tacks} />
                </div>
            </div>
        </section>
    );
}

function Labelled({ label, children }: { label: string; children: ReactNode }) {
    return (
        <div>
            <p aria-hidden className="mb-1 text-sm text-soft">
                {label}
            </p>
            {children}
        </div>
    );
}

function Pieces({ pieces, of, heat }: { pieces: WeldPieceProps[]; of: number; heat: number }) {
    const { unit, denominator } = useUnits();
    return (
        <table className="w-full tabular-nums">
            <caption className="text-left text-sm text-soft">
                {pieces.length} of {of} pieces, {heat.toFixed(0)} kJ in all; each from its far end towards the start of its edge
            </caption>
            <thead>
                <tr className="border-b border-ink text-left text-sm">
                    <th className="w-10 text-right">#</th>
                    <th className="pl-3">Edge</th>
                    <th>Position</th>
                    <th className="text-right">{unit}</th>
                    <th className="pl-3 text-right">kJ</th>
                </tr>
            </thead>
            <tbody>
                {pieces.map((piece) => (
                    <tr key={piece.number} className="border-b border-line">
                        <td className="text-right font-medium">{piece.number}</td>
                        <td className="pl-3">{piece.edge}</td>
                        <td>{piece.position === 'overhead' ? '▲ overhead: turn the frame' : piece.position}</td>
                        <td className="text-right">{formatLength(piece.length, unit, denominator)}</td>
                        <td className="pl-3 text-right">{piece.heat.toFixed(1)}</td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}

function Scores({ joint }: { joint: JointWeldsProps }) {
    return (
        <table className="w-full tabular-nums">
            <caption className="text-left text-sm text-soft">
                Heat out of balance at most, kJ·mm: less is steadier. None of them is wrong.
            </caption>
            <thead>
                <tr className="border-b border-ink text-left text-sm">
                    <th>Order</th>
                    <th className="text-right">sideways</th>
                    <th className="pl-3 text-right">up and down</th>
                </tr>
            </thead>
            <tbody>
                {joint.scores.map((score, i) => (
                    <tr key={score.school} className="border-b border-line">
                        <td className={score.school === joint.school ? 'font-medium' : ''}>
                            {score.school === joint.school && '● '}
                            {score.label}
                            {i === 0 && ', the steadiest'}
                        </td>
                        <td className="text-right">{score.sideways.toFixed(0)}</td>
                        <td className="pl-3 text-right">{score.upright.toFixed(0)}</td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}

function Tacks({ tacks }: { tacks: SeamTacksProps[] }) {
    const { unit, denominator } = useUnits();
    const shown = (mm: number) => formatLength(mm, unit, denominator);
    return (
        <table className="w-full tabular-nums">
            <caption className="text-left text-sm text-soft">
                Tacks: middles from the start of the seam, in the order to tack; ends ground thin. {unit}
            </caption>
            <thead>
                <tr className="border-b border-ink text-left text-sm">
                    <th>Seam</th>
                    <th className="text-right">each</th>
                    <th className="pl-3">at</th>
                </tr>
            </thead>
            <tbody>
                {tacks.map((seam) => (
                    <tr key={seam.seam} className="border-b border-line align-top">
                        <td>{seam.seam}</td>
                        <td className="text-right">{shown(seam.tackLength)}</td>
                        <td className="pl-3">{seam.centres.map(shown).join(', ')}</td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}
