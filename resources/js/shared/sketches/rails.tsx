import { Across, Label, Marked, Scribed, Sheet, Steel, Upright } from '@/shared/sketches/sheet';

/** A channel from behind: where its origin is, what its walls are called, and the plate that closes it. */
export function SectionSketch() {
    return (
        <Sheet label="A channel from behind: web at the left, flanges to the right, a closing plate on their tips">
            <Steel d="M130 30H230V44H144V176H230V190H130Z" />
            <Marked d="M230 30H242V190H230Z" dashed />
            <Scribed d="M112 110H330M130 16V204" />
            <Upright from={30} to={190} x={40}>
                depth
            </Upright>
            <Across from={130} to={230} y={24}>
                width
            </Across>
            <Label at={[190, 104]}>opens right</Label>
            <Label at={[336, 114]} anchor="start">
                y, right
            </Label>
            <Label at={[136, 216]} anchor="start">
                z, up; 0 at the back of the web
            </Label>
            <Label at={[252, 60]} anchor="start" marked>
                closing plate
            </Label>
        </Sheet>
    );
}

/** A frame on its two axles, with hangers, a mass at a point and one spread. */
export function BeamSketch() {
    return (
        <Sheet label="A frame from the side on two axles, with a mass at a point and a spread load">
            <Steel d="M20 110H380V122H20Z" />
            <Scribed d="M70 158a20 20 0 1 0 0.1 0M290 158a20 20 0 1 0 0.1 0M35 122L70 150L105 122M250 122L290 150L330 122M20 199H380" />
            <Marked d="M90 60v44M84 94l6 10l6 -10" />
            <Marked d="M170 84H370V104H170Z" />
            <Label at={[90, 50]} marked>
                mass
            </Label>
            <Label at={[270, 74]} marked>
                spread load, from – to
            </Label>
            <Label at={[180, 192]}>hangers beside each axle</Label>
            <Label at={[200, 215]}>stations from the front, rearward plus</Label>
        </Sheet>
    );
}

/** A load beside an open rail: its lever runs from the shear centre, outside the web. */
export function TorsionSketch() {
    return (
        <Sheet label="A channel from behind with a load to its right and its shear centre outside the web at the left">
            <Steel d="M150 50H220V62H162V158H220V170H150Z" />
            <Scribed d="M150 34V190M92 110h16M100 102v16" />
            <Marked d="M310 60V140M303 128l7 12l7 -12" />
            <Across from={150} to={310} y={204}>
                where it acts
            </Across>
            <Across from={100} to={310} y={32}>
                lever
            </Across>
            <Label at={[88, 140]}>shear centre</Label>
            <Label at={[318, 80]} anchor="start" marked>
                load
            </Label>
        </Sheet>
    );
}
