import { Across, Label, Marked, Scribed, Sheet, Steel, Upright } from '@/shared/sketches/sheet';

/** Two tubes that meet in a mitre. */
export function MitreSketch() {
    return (
        <Sheet label="Two tubes of unequal depth that meet in one straight cut, with the angle by which the line turns">
            <Steel d="M30 90H190L206 150H30ZM190 90L330 20L352 66L206 150" />
            <Marked d="M190 90L206 150" />
            <Scribed d="M30 120H380M198 120L340 42" />
            <Label at={[300, 108]}>turns by</Label>
            <Label at={[176, 176]} marked>
                cut, from square
            </Label>
            <Label at={[100, 82]}>first</Label>
            <Label at={[290, 24]}>second</Label>
        </Sheet>
    );
}

/** A branch that lies on a header. */
export function CopeSketch() {
    return (
        <Sheet label="A round branch that is shaped to lie on a round header, longest on the obtuse side">
            <Steel d="M40 160a44 44 0 1 0 88 0a44 44 0 1 0 -88 0" />
            <Marked d="M96 118C112 122 124 138 127 152" />
            <Steel d="M96 118L250 30M127 152L274 66" />
            <Scribed d="M84 160L300 36M250 30L274 66" />
            <Label at={[84, 212]}>header</Label>
            <Label at={[280, 90]}>branch</Label>
            <Label at={[150, 150]} anchor="start" marked>
                cut all round
            </Label>
        </Sheet>
    );
}

/** A tube between two headers that run another way each. */
export function ClockSketch() {
    return (
        <Sheet label="A tube between two headers that run in different directions, with the zero lines of both ends turned against each other">
            <Steel d="M30 170L110 130M290 30V130" />
            <Marked d="M70 150L290 80" />
            <Scribed d="M78 136L282 72M86 158L290 92" />
            <Label at={[60, 194]}>first header</Label>
            <Label at={[330, 60]}>second</Label>
            <Label at={[180, 100]} anchor="end" marked>
                turned by
            </Label>
        </Sheet>
    );
}

/** Plug holes along a seam, one moved off a bend. */
export function PlugsSketch() {
    return (
        <Sheet label="A plate with plug holes along its seam, kept clear of a hole, a bend and both ends">
            <Steel d="M30 50H370V170H30Z" />
            <Scribed d="M30 110H370M200 50V170M270 96a14 14 0 1 0 0.1 0" />
            <Marked d="M70 101a9 9 0 1 0 0.1 0M130 101a9 9 0 1 0 0.1 0M184 101a9 9 0 1 0 0.1 0M330 101a9 9 0 1 0 0.1 0" />
            <Across from={70} to={130} y={150}>
                apart
            </Across>
            <Label at={[200, 44]}>bend: keep out</Label>
            <Label at={[270, 84]}>hole</Label>
        </Sheet>
    );
}

/** Two tapes that cross at a mark, and a third. */
export function TwoTapeSketch() {
    return (
        <Sheet label="Two tapes from two holes that cross at a mark, and a third one that checks it">
            <Scribed d="M60 174a6 6 0 1 0 0.1 0M330 174a6 6 0 1 0 0.1 0M120 34a6 6 0 1 0 0.1 0" />
            <Marked d="M60 180L240 70L330 180" />
            <Marked d="M120 40L240 70" dashed />
            <Scribed d="M60 180H330M240 60V80M230 70H250" />
            <Label at={[44, 176]}>A</Label>
            <Label at={[346, 176]}>B</Label>
            <Label at={[258, 62]} anchor="start" marked>
                mark
            </Label>
            <Label at={[170, 40]}>third: check</Label>
        </Sheet>
    );
}

/** Witness marks on both sides of a cut. */
export function GaugeLengthSketch() {
    return (
        <Sheet label="A rail with a witness mark on either side of a cut, and an insert between">
            <Steel d="M20 80H150V140H20ZM250 80H380V140H250Z" />
            <Marked d="M156 80H244V140H156Z" />
            <Scribed d="M90 70V150M310 70V150" />
            <Across from={90} to={310} y={186}>
                marks apart: before, tacked, cold
            </Across>
            <Label at={[200, 116]} marked>
                insert
            </Label>
        </Sheet>
    );
}

/** Parts on bars. */
export function CutListSketch() {
    return (
        <Sheet label="Two bars and an off-cut with parts sawn from each, and what is left">
            <Steel d="M20 40H380V70H20ZM20 100H380V130H20ZM20 160H220V190H20Z" />
            <Marked d="M150 40V70M270 40V70M200 100V130M110 160V190" />
            <Scribed d="M340 40V70M360 100V130M205 160V190" />
            <Label at={[85, 60]}>A</Label>
            <Label at={[210, 60]}>B</Label>
            <Label at={[300, 60]}>B</Label>
            <Label at={[110, 120]}>C</Label>
            <Label at={[280, 120]}>C</Label>
            <Label at={[300, 180]}>off-cut first</Label>
        </Sheet>
    );
}

/** A face in a picture, with measured points and a contour. */
export function PhotoContourSketch() {
    return (
        <Sheet label="A plate in a photograph taken askew, with points measured by tape and the contour picked on the picture">
            <Scribed d="M20 20H380V200H20Z" />
            <Steel d="M60 60L340 44L360 170L50 176Z" />
            <Marked d="M100 80L300 70L310 140L180 150L110 130Z" />
            <Scribed d="M55 60H65M60 55V65M335 44H345M340 39V49M355 170H365M360 165V175M45 176H55M50 171V181" />
            <Upright from={60} to={176} x={36}>
                tape
            </Upright>
            <Label at={[204, 112]} marked>
                contour
            </Label>
        </Sheet>
    );
}

/** Parts on a sheet. */
export function NestSketch() {
    return (
        <Sheet label="Parts turned and laid on a sheet, apart from each other and off its edge">
            <Steel d="M20 20H380V200H20Z" />
            <Marked d="M34 186H174V96ZM34 172V82L168 34H60ZM196 34H290V100H196ZM196 120H366V186H230V150H196ZM306 34H366V100H306Z" />
            <Scribed d="M28 28H372V192H28Z" />
            <Label at={[243, 72]}>1</Label>
            <Label at={[300, 164]}>2</Label>
        </Sheet>
    );
}

/** A plate set back from a contour. */
export function OffsetContourSketch() {
    return (
        <Sheet label="A contour with a plate set back within it: round corners, a window, and a slot on the line where it has to bend">
            <Scribed d="M30 30H370V190H30Z" />
            <Steel d="M56 44H344Q356 44 356 56V164Q356 176 344 176H56Q44 176 44 164V56Q44 44 56 44Z" />
            <Marked d="M210 84H290Q302 84 302 96V124Q302 136 290 136H210Q198 136 198 124V96Q198 84 210 84ZM116 64V156M124 64V156M116 64Q120 56 124 64M116 156Q120 164 124 156" />
            <Label at={[250, 114]} marked>
                window
            </Label>
            <Label at={[120, 212]}>slot: bend</Label>
            <Label at={[300, 212]}>weld land all round</Label>
        </Sheet>
    );
}

/** A straight piece of bar. */
export function PieceSketch() {
    return (
        <Sheet label="A straight piece of tube with its length, and its section beside it">
            <Steel d="M30 80H260V130H30ZM310 105a28 28 0 1 0 56 0a28 28 0 1 0 -56 0M317 105a21 21 0 1 0 42 0a21 21 0 1 0 -42 0" />
            <Scribed d="M20 105H270M338 68V142M301 105H375" />
            <Across from={30} to={260} y={160}>
                to saw
            </Across>
            <Label at={[338, 170]}>section</Label>
        </Sheet>
    );
}

/** A curve taken off a base line. */
export function StationContourSketch() {
    return (
        <Sheet label="Offsets square off a base line to a curve: straight between corners, smooth through the others">
            <Scribed d="M30 180H370M30 180V130M100 180V118M170 180V84M240 180V62M310 180V58M370 180V58" />
            <Steel d="M30 130L100 118C126 110 146 96 170 84C196 71 214 66 240 62C264 58 286 58 310 58H370" />
            <Marked d="M95 113l10 10M105 113l-10 10M165 84a5 5 0 1 0 10 0a5 5 0 1 0 -10 0M235 62a5 5 0 1 0 10 0a5 5 0 1 0 -10 0" />
            <Label at={[100, 100]}>corner</Label>
            <Label at={[212, 100]} marked>
                smooth
            </Label>
            <Across from={30} to={370} y={206}>
                along the base line
            </Across>
        </Sheet>
    );
}

/** Braces between points, and a plane that stays free. */
export function BracesSketch() {
    return (
        <Sheet label="Two braces from the rails to a hoop, alike left and right, over a line that has to stay free">
            <Scribed d="M20 180H380M40 120H360" />
            <Steel d="M90 178V60Q90 40 110 40H290Q310 40 310 60V178H300V60Q300 50 290 50H110Q100 50 100 60V178Z" />
            <Marked d="M95 70L40 178M305 70L360 178" />
            <Label at={[200, 112]}>stays free</Label>
            <Label at={[44, 206]} marked>
                left
            </Label>
            <Label at={[356, 206]} marked>
                its mate
            </Label>
        </Sheet>
    );
}

/** A plate in sections. */
export function PlateSectionsSketch() {
    return (
        <Sheet label="A long plate in three sections that lap over each other, clear of a hole">
            <Steel d="M20 90H160V130H20ZM140 100H280V140H140ZM260 90H380V130H260Z" />
            <Marked d="M140 84V146M160 84V146M260 84V146M280 84V146" />
            <Scribed d="M206 120a8 8 0 1 0 16 0a8 8 0 1 0 -16 0" />
            <Label at={[150, 170]} marked>
                lap
            </Label>
            <Label at={[270, 170]} marked>
                lap
            </Label>
        </Sheet>
    );
}
