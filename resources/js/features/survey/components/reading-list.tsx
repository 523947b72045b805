import { useUnits } from '@/shared/hooks/units';
import { formatAngle, formatDeviation } from '@/shared/lib/format';
import type { ReadingProps } from '@/types/props';

const SIGNS: Record<ReadingProps['state'], [string, string]> = {
    agrees: ['', 'agrees'],
    doubtful: ['■', 'does not fit'],
    questioned: ['◇', 'one of these'],
    unchecked: ['?', 'unchecked'],
    struck: ['—', 'struck'],
    superseded: ['↻', 'taken again'],
    alone: ['·', 'waits'],
};

interface Props {
    readings: ReadingProps[];
    chosen: string | null;
    onChoose: (id: string) => void;
}

/** The log, the newest first. What was read stands as it was typed; how far it is off stands in the unit shown. */
export function ReadingList({ readings, chosen, onChoose }: Props) {
    const { unit } = useUnits();
    return (
        <table className="w-full border-collapse text-[15px]">
            <caption className="sr-only">Readings, the newest first</caption>
            <thead className="sticky top-0 bg-paper text-left text-sm text-soft">
                <tr className="border-b border-ink">
                    <th className="py-1 pr-1 pl-2 text-right">#</th>
                    <th className="px-1">reading</th>
                    <th className="px-1 text-right whitespace-nowrap">as read</th>
                    <th className="px-1 pr-2 text-right whitespace-nowrap">off, {unit}</th>
                </tr>
            </thead>
            <tbody>
                {readings.map((reading) => (
                    <Row key={reading.id} reading={reading} isChosen={reading.id === chosen} onChoose={onChoose} />
                ))}
            </tbody>
        </table>
    );
}

function Row({ reading, isChosen, onChoose }: { reading: ReadingProps; isChosen: boolean; onChoose: (id: string) => void }) {
    const { unit } = useUnits();
    const [sign, word] = SIGNS[reading.state];
    const gone = reading.state === 'struck' || reading.state === 'superseded';
    const off =
        reading.off === null ? '' : reading.quantity === 'angle' ? formatAngle(reading.off, 2, true) : formatDeviation(reading.off, unit);
    return (
        <tr
            className={`border-b border-line ${isChosen ? 'bg-now text-now-ink' : reading.state === 'doubtful' || reading.state === 'questioned' ? 'bg-wash' : ''} ${gone && !isChosen ? 'text-soft' : ''}`}
            onClick={() => onChoose(reading.id)}
            title={reading.reason ?? undefined}
        >
            <td className="py-0 pr-1 pl-2 text-right">{reading.number}</td>
            <td className="px-1">
                <button type="button" className="min-h-11 w-full text-left focus-visible:-outline-offset-2" aria-pressed={isChosen}>
                    <span className={gone ? 'line-through' : ''}>
                        {reading.kind} <b className="font-semibold">{reading.points.join(' ')}</b>
                    </span>{' '}
                    <span className={reading.state === 'agrees' ? 'sr-only' : 'ml-1.5 text-sm'}>
                        {sign} {word}
                    </span>
                </button>
            </td>
            <td className={`px-1 text-right whitespace-nowrap ${gone ? 'line-through' : ''}`}>{reading.typed.replace('-', '−')}</td>
            <td className={`px-1 pr-2 text-right ${reading.state === 'doubtful' ? 'font-semibold' : ''}`}>{off}</td>
        </tr>
    );
}
