import { Across, Label, Marked, Scribed, Sheet, Steel, Upright } from '@/shared/sketches/sheet';

/** Four holes with the tapes between them. */
export function HolePatternSketch() {
    return (
        <Sheet label="Four holes of a mount with tapes along its sides and across">
            <Steel d="M70 30H330V190H70Z" />
            <Scribed d="M100 52a8 8 0 1 0 0.1 0M300 52a8 8 0 1 0 0.1 0M100 152a8 8 0 1 0 0.1 0M290 152a8 8 0 1 0 0.1 0" />
            <Marked d="M100 160H290M100 160V60M290 160L300 60M100 160L300 60" />
            <Marked d="M100 60H300" dashed />
            <Label at={[190, 182]}>base: first to second</Label>
            <Label at={[210, 50]} marked>
                one more: the check
            </Label>
        </Sheet>
    );
}

/** A gearbox lifted and drawn forward past a crossmember. */
export function RemovalPathSketch() {
    return (
        <Sheet label="A gearbox from the side that is lifted, then drawn forward past a crossmember">
            <Steel d="M170 130H190V180H170Z" />
            <Scribed d="M20 186H380M230 120H340V176H230Z" />
            <Marked d="M230 60H340V116H230Z" />
            <Marked d="M285 120V64M226 88H60" dashed />
            <Label at={[285, 150]}>where it sits</Label>
            <Label at={[320, 52]} marked>
                1 up
            </Label>
            <Label at={[120, 80]} marked>
                2 forward
            </Label>
            <Label at={[180, 122]}>crossmember</Label>
        </Sheet>
    );
}

/** A tank on two straps with its filler and vent. */
export function TankMoveSketch() {
    return (
        <Sheet label="A tank from the side on two straps, its filler falling to the inlet and its vent ending above it">
            <Steel d="M60 100H260V180H60Z" />
            <Scribed d="M100 92V186H120V92M200 92V186H220V92" />
            <Marked d="M350 50L260 112" />
            <Scribed d="M150 100V60H180" />
            <Label at={[350, 42]} marked>
                mouth
            </Label>
            <Label at={[272, 126]} anchor="start">
                inlet
            </Label>
            <Label at={[186, 62]} anchor="start">
                vent
            </Label>
            <Across from={260} to={350} y={206}>
                run
            </Across>
            <Upright from={50} to={112} x={372}>
                fall
            </Upright>
        </Sheet>
    );
}

/** The arm of an anti-roll bar and its link. */
export function RollBarSketch() {
    return (
        <Sheet label="The arm of an anti-roll bar from the side, with its drop link to the axle in ride and in bump">
            <Steel d="M90 70a10 10 0 1 0 0.1 0M40 40H160" />
            <Marked d="M90 80L270 96L290 180" />
            <Marked d="M90 80L266 46L290 130" dashed />
            <Scribed d="M284 180h12M284 130h12" />
            <Label at={[180, 108]}>arm</Label>
            <Label at={[296, 150]} anchor="start" marked>
                link
            </Label>
            <Label at={[90, 116]}>bar</Label>
            <Label at={[300, 196]}>axle</Label>
        </Sheet>
    );
}
