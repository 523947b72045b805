import { Across, Label, Marked, Scribed, Sheet, Steel, Upright } from '@/shared/sketches/sheet';

/** A rail parted, with the insert between two root gaps. */
export function InsertSketch() {
    return (
        <Sheet label="Two rail ends from the side, an insert between them with a root gap at each weld">
            <Steel d="M20 80H130V140H20M380 80H270V140H380" />
            <Marked d="M142 80H258V140H142Z" />
            <Across from={142} to={258} y={64}>
                insert
            </Across>
            <Scribed d="M136 150V164M264 150V164" />
            <Label at={[136, 180]}>gap</Label>
            <Label at={[264, 180]}>gap</Label>
            <Upright from={80} to={140} x={46}>
                rail
            </Upright>
            <Label at={[200, 208]}>the welds draw in; a saw cut takes its kerf from the rail</Label>
        </Sheet>
    );
}

/** A leg between two level rails, each joint cut on the bisector of its bend. */
export function KickSketch() {
    return (
        <Sheet label="A kick from the side: a leg rises from one level rail to another, each joint mitred">
            <Steel d="M20 130H120M20 170H134M252 50H380M266 90H380" />
            <Marked d="M120 130L252 50M134 170L266 90M113 110L141 190M245 30L273 110" />
            <Scribed d="M20 150H360M20 70H380" />
            <Upright from={70} to={150} x={330}>
                height
            </Upright>
            <Label at={[190, 172]} anchor="start">
                angle
            </Label>
            <Label at={[120, 212]} marked>
                mitre: half the bend
            </Label>
            <Label at={[60, 122]}>depth</Label>
        </Sheet>
    );
}

/** A band on a rising rail, and the step that is left when the rear part is moved along. */
export function SlopeSketch() {
    return (
        <Sheet label="A rising rail from the side, with the band between two cuts and the level below it">
            <Steel d="M20 140L150 118M20 180L150 158M250 96L380 60M250 136L380 100" />
            <Marked d="M150 118V158M250 96V136" />
            <Marked d="M150 118L250 96M150 158L250 136" dashed />
            <Scribed d="M20 196H380" />
            <Across from={150} to={250} y={84}>
                amount
            </Across>
            <Label at={[84, 118]}>slope at front cut</Label>
            <Label at={[316, 58]}>slope at rear cut</Label>
            <Label at={[200, 213]}>level; rises rearward: plus</Label>
        </Sheet>
    );
}
