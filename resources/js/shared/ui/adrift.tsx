import { Trouble } from '@/shared/ui/trouble';

/** What was measured from a point that the chart no longer places: it is left out until it has a station again. */
export function Adrift({ faults }: { faults: string[] }) {
    if (faults.length === 0) return null;
    return (
        <Trouble title={faults.length === 1 ? 'One part has lost its place' : `${faults.length} parts have lost their places`}>
            <p>The chart was changed since they were entered. Until each has a station again it is left out of drawing and plan.</p>
            <ul className="mt-1 list-disc pl-5">
                {faults.slice(0, 6).map((fault) => (
                    <li key={fault}>{fault}</li>
                ))}
            </ul>
        </Trouble>
    );
}
