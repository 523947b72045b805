import { Across, Label, Marked, Scribed, Sheet, Steel } from '@/shared/sketches/sheet';

/** An axle from above, its right wheel further back. */
export function AxleSquareSketch() {
    return (
        <Sheet label="A vehicle from above, front to the left: both axles, the rear one with its right wheel further back">
            <Scribed d="M20 110H380M80 40V180" />
            <Steel d="M65 34H95V48H65ZM65 172H95V186H65Z" />
            <Marked d="M300 180L312 40" />
            <Steel d="M296 34H326V48H296ZM284 172H314V186H284Z" />
            <Label at={[312, 26]}>right</Label>
            <Label at={[300, 206]}>left</Label>
            <Across from={80} to={300} y={206}>
                wheelbase left
            </Across>
        </Sheet>
    );
}

/** An axle on two lower links and an upper one, from the side. */
export function LinkageSketch() {
    return (
        <Sheet label="An axle from the side on an upper and a lower link, with the point that they run to">
            <Steel d="M300 60a50 50 0 1 0 0.1 0" />
            <Marked d="M150 100L295 130M170 70L305 88" />
            <Scribed d="M20 50L150 100M20 52L170 70M20 176H380" />
            <Label at={[150, 92]} anchor="end">
                frame
            </Label>
            <Label at={[322, 92]} anchor="start">
                axle
            </Label>
            <Label at={[40, 40]} anchor="start" marked>
                instant centre
            </Label>
        </Sheet>
    );
}

/** A link: tube, bungs, threads. */
export function LinkCutSketch() {
    return (
        <Sheet label="A link with its tube, bungs, threaded ends and balls">
            <Steel d="M100 95H300V125H100Z" />
            <Scribed d="M50 100a10 10 0 1 0 0.1 0M350 100a10 10 0 1 0 0.1 0M60 106H130M60 114H130M270 106H340M270 114H340" />
            <Across from={50} to={350} y={176}>
                ball centre to ball centre
            </Across>
            <Across from={50} to={100} y={84}>
                out
            </Across>
            <Across from={100} to={300} y={150}>
                tube
            </Across>
        </Sheet>
    );
}

/** A track bar and a drag link from behind. */
export function TrackBarSketch() {
    return (
        <Sheet label="An axle from behind with a track bar from the frame on the left to the axle on the right">
            <Steel d="M40 150H360M30 110V190M370 110V190" />
            <Marked d="M90 80L320 130" />
            <Scribed d="M90 60L280 120M200 40V200" />
            <Label at={[86, 96]} anchor="end">
                frame
            </Label>
            <Label at={[326, 124]} anchor="start">
                axle
            </Label>
            <Label at={[230, 84]} marked>
                track bar
            </Label>
            <Label at={[150, 66]}>drag link</Label>
        </Sheet>
    );
}

/** A spring on an arm. */
export function SpringingSketch() {
    return (
        <Sheet label="A spring on an arm between the frame and a wheel, its foot at a share of the arm">
            <Steel d="M40 140H340M60 40H280M340 90V190" />
            <Marked d="M220 140L200 124L228 112L204 98L232 86L208 72L220 60V40" />
            <Across from={40} to={220} y={176}>
                spring foot
            </Across>
            <Across from={40} to={340} y={206}>
                arm
            </Across>
        </Sheet>
    );
}

/** Wheel scales, and one end lifted. */
export function WeightsSketch() {
    return (
        <Sheet label="A vehicle from the side with its front wheels on scales and its rear lifted">
            <Steel d="M70 150L330 110V90L70 130Z" />
            <Scribed d="M20 196H380M90 150a22 22 0 1 0 0.1 0M310 110a22 22 0 1 0 0.1 0M60 196v-6h60v6" />
            <Marked d="M200 104a6 6 0 1 0 0.1 0M310 154V196" />
            <Label at={[200, 92]} marked>
                mass centre
            </Label>
            <Label at={[322, 184]} anchor="start">
                lifted
            </Label>
            <Label at={[90, 214]}>scales</Label>
        </Sheet>
    );
}

/** A half-shaft from behind. */
export function HalfShaftSketch() {
    return (
        <Sheet label="A half-shaft from behind from its inner joint to its outer joint at the hub, which goes up and down">
            <Steel d="M40 90H90V130H40ZM330 70V150" />
            <Marked d="M100 110L310 96" />
            <Scribed d="M94 104a7 7 0 1 0 0.1 0M312 90a7 7 0 1 0 0.1 0" />
            <Marked d="M100 110L310 60M100 110L310 150" dashed />
            <Label at={[100, 146]}>inner</Label>
            <Label at={[300, 180]}>outer</Label>
        </Sheet>
    );
}

/** Parts that move past parts that stand. */
export function ClearanceSketch() {
    return (
        <Sheet label="A shaft in three positions passing under a tube and beside a tank">
            <Steel d="M190 60a12 12 0 1 0 0.1 0M260 130H360V190H260Z" />
            <Marked d="M40 100L360 90M40 100L360 112" />
            <Marked d="M40 100L360 70" dashed />
            <Label at={[214, 70]} anchor="start">
                tube
            </Label>
            <Label at={[310, 166]}>tank</Label>
            <Label at={[60, 90]} anchor="start" marked>
                shaft: droop, ride, bump
            </Label>
        </Sheet>
    );
}
