import { Across, Label, Marked, Scribed, Sheet, Steel } from '@/shared/sketches/sheet';

/** A right-hand wheel from behind with the axis that it is steered about. */
export function SteeringAxisSketch() {
    return (
        <Sheet label="A right-hand wheel from behind, its upper and lower pivot, and where their line and the tyre meet the ground">
            <Steel d="M240 40L262 42L252 186L230 184Z" />
            <Marked d="M190 60L214 150L224 190" />
            <Scribed d="M20 190H380M184 60a6 6 0 1 0 0.1 0M208 150a6 6 0 1 0 0.1 0M240 190V204M224 190V204" />
            <Label at={[180, 56]} anchor="end">
                upper pivot
            </Label>
            <Label at={[200, 158]} anchor="end">
                lower pivot
            </Label>
            <Label at={[270, 212]} anchor="start" marked>
                scrub
            </Label>
        </Sheet>
    );
}

/** A rack with its tie rods from above. */
export function RackSketch() {
    return (
        <Sheet label="A steering rack from above with its tie rods and steering arms, front to the left">
            <Steel d="M180 60V160M170 60H190M170 160H190" />
            <Marked d="M180 60L200 26M180 160L200 194" />
            <Scribed d="M200 26H120M200 194H120M90 110H380" />
            <Label at={[196, 116]} anchor="start">
                rack
            </Label>
            <Label at={[210, 40]} anchor="start">
                outer end
            </Label>
            <Label at={[196, 72]} anchor="start">
                inner end
            </Label>
            <Label at={[110, 30]} anchor="end">
                kingpin
            </Label>
        </Sheet>
    );
}

/** A steering shaft over two joints. */
export function SteeringShaftSketch() {
    return (
        <Sheet label="A steering column, an inner shaft and a box, joined by two cross joints">
            <Steel d="M30 40L130 80M270 150L370 160" />
            <Marked d="M130 80L270 150" />
            <Scribed d="M124 80a7 7 0 1 0 0.1 0M264 150a7 7 0 1 0 0.1 0" />
            <Label at={[60, 34]} anchor="start">
                column
            </Label>
            <Label at={[206, 104]} anchor="start" marked>
                yokes out of line
            </Label>
            <Label at={[360, 182]} anchor="end">
                steering box
            </Label>
        </Sheet>
    );
}

/** A vehicle that turns about a point beside its rear axle. */
export function TurningSketch() {
    return (
        <Sheet label="A vehicle from above turning right: both front wheels and the point that they turn about">
            <Steel d="M90 60V150M310 60V150M90 105H310" />
            <Marked d="M78 66L102 54M74 158L106 142" />
            <Scribed d="M310 105V20M90 60L310 20M90 150L310 20" />
            <Across from={90} to={310} y={196}>
                wheelbase
            </Across>
            <Label at={[322, 26]} anchor="start">
                turns about
            </Label>
            <Label at={[70, 46]} anchor="start" marked>
                inner
            </Label>
        </Sheet>
    );
}
