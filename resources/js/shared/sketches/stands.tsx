import { Across, Label, Marked, Scribed, Sheet, Steel, Upright } from '@/shared/sketches/sheet';

/** A vehicle on a crest: the part that grounds first, and the ramp that it takes. */
export function BreakoverSketch() {
    return (
        <Sheet label="A vehicle from the side, its wheels, and a low part between the axles">
            <Scribed d="M20 190H380M90 130a30 30 0 1 0 0.1 0M310 130a30 30 0 1 0 0.1 0" />
            <Steel d="M30 120H370V136H30Z" />
            <Marked d="M180 136V160H220V136" />
            <Marked d="M113 180L180 160M220 160L287 180" dashed />
            <Across from={90} to={310} y={213}>
                wheelbase
            </Across>
            <Across from={90} to={200} y={104}>
                behind the front axle
            </Across>
            <Upright from={160} to={190} x={200}>
                height
            </Upright>
            <Label at={[30, 60]} anchor="start" marked>
                front overhang: minus
            </Label>
        </Sheet>
    );
}

/** Half a frame on two stations, a person on its end. */
export function PostsSketch() {
    return (
        <Sheet label="Half a frame from the side on two support stations, with its centre of mass and a person on the rear end">
            <Steel d="M40 90H360V104H40Z" />
            <Scribed d="M20 196H380M110 104V196M270 104V196M96 196h28M256 196h28M200 78v40M190 97h20" />
            <Marked d="M346 44V84M340 74l6 10l6 -10" />
            <Label at={[110, 84]}>first station</Label>
            <Label at={[270, 84]}>second</Label>
            <Label at={[200, 68]}>centre of mass</Label>
            <Label at={[346, 34]} marked>
                person
            </Label>
            <Upright from={104} to={196} x={130}>
                height of a post
            </Upright>
            <Label at={[40, 126]} anchor="start">
                front end
            </Label>
            <Label at={[360, 126]} anchor="end">
                rear end
            </Label>
        </Sheet>
    );
}

/** Two halves apart: the rear one turned and to one side. */
export function SpreadSketch() {
    return (
        <Sheet label="Two halves of a frame from above, the loose one turned, with readings across the gap">
            <Steel d="M30 70H150M30 150H150M60 70V150" />
            <Steel d="M205 62L360 76M199 142L354 156M300 71L294 151" />
            <Marked d="M150 70L205 62M150 150L199 142" />
            <Marked d="M150 70L199 142M150 150L205 62" dashed />
            <Scribed d="M282 109h16M290 101v16" />
            <Label at={[90, 50]}>held half</Label>
            <Label at={[300, 50]}>loose half</Label>
            <Label at={[320, 126]} anchor="start">
                pivot
            </Label>
            <Label at={[176, 186]} marked>
                trams, diagonals, rises across the gap
            </Label>
            <Label at={[200, 210]}>front to the left, right rail above</Label>
        </Sheet>
    );
}
