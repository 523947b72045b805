import { Across, Label, Marked, Scribed, Sheet, Steel, Upright } from '@/shared/sketches/sheet';

const dot = (x: number, y: number, r: number) => `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`;

/** A plate with fasteners and a weld, the load beside their centre. */
export function FastenersSketch() {
    return (
        <Sheet label="A plate with four fasteners and a weld line along its top, the force beside their centre">
            <Scribed d="M60 50H260V180H60ZM20 200V20M20 200H380" />
            <Steel d={[dot(100, 90, 9), dot(180, 90, 9), dot(100, 150, 9), dot(180, 150, 9)].join('')} />
            <Steel d="M60 50H260" />
            <Marked d="M330 150V60M323 72l7 -12l7 12" />
            <Label at={[150, 40]}>weld line, from – to</Label>
            <Label at={[140, 124]}>bolts or plugs</Label>
            <Label at={[342, 100]} anchor="start" marked>
                force
            </Label>
            <Label at={[376, 194]} anchor="end">
                first axis
            </Label>
            <Label at={[28, 32]} anchor="start">
                second
            </Label>
            <Label at={[330, 172]} marked>
                where it acts
            </Label>
        </Sheet>
    );
}

/** A joint with a plate over it: distances count from the joint, heights from mid-height of the rail. */
export function SpliceSketch() {
    return (
        <Sheet label="A rail joint from the side with a plate on the web, plugs at distances from the joint">
            <Steel d="M20 50H380M20 170H380" />
            <Marked d="M200 50V170" />
            <Steel d="M80 70H320V150H80Z" />
            <Steel d={[dot(130, 90, 7), dot(130, 130, 7), dot(270, 90, 7), dot(270, 130, 7)].join('')} />
            <Scribed d="M20 110H380" />
            <Across from={200} to={320} y={40}>
                length, rear
            </Across>
            <Across from={80} to={200} y={40}>
                length, front
            </Across>
            <Label at={[200, 190]} marked>
                joint: 0
            </Label>
            <Upright from={90} to={110} x={352}>
                z
            </Upright>
            <Label at={[200, 212]}>moment, shear: one rail, at the joint; rearward plus</Label>
        </Sheet>
    );
}

/** Feet on a rail with things in the way, shifted together and each moved. */
export function BracketFitSketch() {
    return (
        <Sheet label="A rail from the side with three feet, two of them over obstacles, moved clear">
            <Steel d="M20 120H380V150H20Z" />
            <Scribed d="M84 120V150M118 120V150M84 120L118 150M84 150L118 120M250 120V150M270 120V150M250 120L270 150M250 150L270 120" />
            <Marked d="M36 104H76V118H36ZM170 104H210V118H170ZM280 104H320V118H280Z" />
            <Marked d="M90 104H130M264 104H304" dashed />
            <Across from={56} to={110} y={90}>
                move
            </Across>
            <Label at={[190, 96]} marked>
                foot
            </Label>
            <Label at={[101, 170]}>in the way</Label>
            <Label at={[260, 170]}>in the way</Label>
            <Label at={[200, 204]}>forward: minus; all shift together first</Label>
        </Sheet>
    );
}

/** Mounts along a bay: those that stay, those added, and shims to a straight line. */
export function BodyMountsSketch() {
    return (
        <Sheet label="A rail from the side, bent a little, with mounts and shims up to a straight line">
            <Steel d="M20 140Q200 118 380 144" />
            <Scribed d="M20 104H380" />
            <Steel d="M50 137V104M350 140V104" />
            <Marked d="M125 131V104M200 128V104M275 132V104" />
            <Across from={125} to={200} y={80}>
                pitch
            </Across>
            <Label at={[50, 96]}>stays</Label>
            <Label at={[350, 96]}>stays</Label>
            <Label at={[200, 160]} marked>
                added, each with its shim
            </Label>
            <Label at={[200, 200]}>heights of the rail are read along it</Label>
        </Sheet>
    );
}
