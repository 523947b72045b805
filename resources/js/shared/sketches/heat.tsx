import { Across, Label, Marked, Scribed, Sheet, Steel } from '@/shared/sketches/sheet';

/** A run on a plate: its length in so many seconds. */
export function HeatSketch() {
    return (
        <Sheet label="A weld run on a plate, with its length and the torch at its end">
            <Steel d="M40 130L110 80H370L300 130ZM40 130V150H300V130M300 150L370 100V80" />
            <Marked d="M110 108q6 -8 12 0t12 0t12 0t12 0t12 0t12 0t12 0t12 0t12 0" />
            <Scribed d="M222 104L262 44M256 40L268 48" />
            <Across from={110} to={222} y={184}>
                length of the run, in so many seconds
            </Across>
            <Label at={[276, 48]} anchor="start">
                volts, amps
            </Label>
            <Label at={[24, 146]}>t</Label>
        </Sheet>
    );
}
