import { Across, Label, Marked, Scribed, Sheet, Steel, Upright } from '@/shared/sketches/sheet';

/** A driveline from the side: gearbox, shafts, centre bearing, pinion. */
export function TrainSketch() {
    return (
        <Sheet label="A driveline from the side: gearbox, two shafts with three joints, pinion, each axis falling rearward">
            <Steel d="M20 70H70V100H20ZM330 138H380V168H330Z" />
            <Marked d="M70 85L90 87M90 87L210 105M210 105L315 150M315 150L330 153" />
            <Scribed d="M90 81a6 6 0 1 0 0.1 0M210 99a6 6 0 1 0 0.1 0M315 144a6 6 0 1 0 0.1 0M90 87H200M210 105H300" />
            <Label at={[45, 62]}>gearbox</Label>
            <Label at={[355, 132]}>pinion</Label>
            <Label at={[150, 78]} marked>
                falls rearward
            </Label>
            <Label at={[90, 120]}>joint 1</Label>
            <Label at={[210, 140]}>joint 2</Label>
            <Label at={[300, 186]}>joint 3</Label>
        </Sheet>
    );
}

/** Where the centre bearing may hang, and how the pinion may stand. */
export function CentreBearingSketch() {
    return (
        <Sheet label="A two-piece shaft from the side with the range of its centre bearing and the pinion turned up and down">
            <Steel d="M20 70H70V96H20Z" />
            <Marked d="M70 83L190 100L320 140M190 60V150" dashed />
            <Scribed d="M180 60h20M180 150h20M320 140L370 130M320 140L370 170" />
            <Upright from={60} to={150} x={190}>
                bearing: lowest to highest
            </Upright>
            <Label at={[362, 120]} anchor="end">
                pinion falls
            </Label>
            <Across from={70} to={190} y={200}>
                bearing at
            </Across>
        </Sheet>
    );
}

/** A shaft with its slip: what stands out, what is cut. */
export function ShaftCutSketch() {
    return (
        <Sheet label="A shaft from the side with its tube, slip and stop, two marks and the distance of its joints">
            <Steel d="M60 90H250V120H60ZM250 96H330V114H250Z" />
            <Scribed d="M40 105a8 8 0 1 0 0.1 0M352 105a8 8 0 1 0 0.1 0M48 105H60M330 105H344" />
            <Marked d="M140 80V130M175 80V130" dashed />
            <Label at={[157, 74]} marked>
                marks
            </Label>
            <Across from={40} to={352} y={176}>
                joint to joint
            </Across>
            <Across from={250} to={330} y={84}>
                stands out
            </Across>
            <Across from={60} to={250} y={150}>
                tube
            </Across>
        </Sheet>
    );
}

/** A tube that turns between its joints. */
export function CriticalSpeedSketch() {
    return (
        <Sheet label="A tube between two joints, bowed in the middle, with its outer diameter and wall">
            <Steel d="M40 100H360M40 120H360" />
            <Scribed d="M30 110a10 10 0 1 0 0.1 0M370 110a10 10 0 1 0 0.1 0" />
            <Marked d="M40 110Q200 60 360 110" dashed />
            <Across from={30} to={370} y={176}>
                joint to joint
            </Across>
            <Upright from={100} to={120} x={280}>
                outer
            </Upright>
            <Label at={[200, 74]} marked>
                first bending
            </Label>
        </Sheet>
    );
}

/** Where to lay the level, hold the tape and drop the line. */
export function MeasuredShaftSketch() {
    return (
        <Sheet label="Gearbox, two shafts with a centre bearing and the pinion from the side: a level on the gearbox face, on each tube and on the pinion, a tape from joint to joint, plumb lines from the first and the last joint, and how far the yoke stands out">
            <Steel d="M20 50H70V90H20ZM330 96H380V140H330Z" />
            <Marked d="M78 70L190 82L322 118" />
            <Scribed d="M74 66a5 5 0 1 0 0.1 0M190 77a5 5 0 1 0 0.1 0M324 113a5 5 0 1 0 0.1 0" />
            <Scribed d="M78 70V200M322 118V200M190 60V82M182 60h16" />
            <Scribed d="M26 44h34M110 62l40 4M240 82l40 11M338 90h34" />
            <Label at={[44, 36]}>level</Label>
            <Label at={[130, 54]}>level, tape</Label>
            <Label at={[266, 76]}>level, tape</Label>
            <Label at={[356, 82]}>level</Label>
            <Label at={[104, 98]} marked>
                stands out
            </Label>
            <Label at={[200, 196]}>plumb lines: how far right</Label>
        </Sheet>
    );
}
