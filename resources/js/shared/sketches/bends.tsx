import { Across, Label, Marked, Scribed, Sheet, Steel, Upright } from '@/shared/sketches/sheet';

/** A tube with two bends: legs to where they would meet, radius, marks. */
export function TubeBendSketch() {
    return (
        <Sheet label="A tube with two bends, its legs measured to where their centre lines would meet, its radius, and a mark where each bend starts and ends">
            <Steel d="M40 180V90a40 40 0 0 1 40-40H290a40 40 0 0 1 40 40V180M60 180V90a20 20 0 0 1 20-20H290a20 20 0 0 1 20 20V180" />
            <Scribed d="M50 180V60H320V180" />
            <Marked d="M34 90H66M80 44V76M290 44V76M304 90H336" />
            <Label at={[185, 90]} marked>
                marks
            </Label>
            <Label at={[92, 110]} anchor="start">
                radius
            </Label>
            <Scribed d="M80 90L88 104" />
            <Across from={50} to={320} y={30}>
                leg
            </Across>
            <Upright from={60} to={180} x={352}>
                leg
            </Upright>
        </Sheet>
    );
}

/** A sheet with one bend: flanges outside, inside radius, the V under it. */
export function PressBrakeSketch() {
    return (
        <Sheet label="A sheet bent once, its flanges measured outside to where their faces would meet, over the V of a press brake">
            <Steel d="M80 40V130a30 30 0 0 0 30 30H330V144H110a14 14 0 0 1-14-14V40Z" />
            <Scribed d="M80 160H110M80 130V160" />
            <Marked d="M95 145L84 156" />
            <Label at={[122, 136]} anchor="start">
                inside radius
            </Label>
            <Upright from={40} to={160} x={48}>
                flange
            </Upright>
            <Across from={80} to={330} y={196}>
                flange
            </Across>
            <Label at={[300, 136]}>sheet</Label>
        </Sheet>
    );
}

/** Pixels of the drawing that the width takes. */
const WIDE = 340;
/** Pixels that the rise takes at the most. */
const HIGH = 110;

/** A crossmember that arches: its centre line as worked out, or as it is measured. */
export function ArchSketch({ result }: { result: Record<string, unknown> | null }) {
    const nodes = Array.isArray(result?.nodes) ? (result.nodes as [number, number][]) : [];
    const width = nodes.at(-1)?.[0] ?? 0;
    if (nodes.length === 0 || !(width > 0)) return <HowItIsMeasured />;
    const scale = Math.min(WIDE / width, HIGH / Math.max(1, ...nodes.map((node) => Math.abs(node[1]))));
    const isDown = nodes.some((node) => node[1] < 0);
    const [left, ground] = [200 - (width * scale) / 2, isDown ? 60 : 160];
    const line = nodes.map(([x, z]) => `${(left + x * scale).toFixed(1)} ${(ground - z * scale).toFixed(1)}`).join('L');
    return (
        <Sheet label="The centre line of the crossmember, to scale, with the places where its pieces meet">
            <Scribed d={`M${left} ${ground}H${left + width * scale}`} />
            <Steel d={`M${line}`} />
            <Marked
                d={nodes
                    .slice(1, -1)
                    .map(([x, z]) => `M${(left + x * scale).toFixed(1)} ${(ground - z * scale - 8).toFixed(1)}v16`)
                    .join('')}
            />
            <Label at={[200, isDown ? 34 : 196]}>centre line, to scale; cuts marked</Label>
        </Sheet>
    );
}

function HowItIsMeasured() {
    return (
        <Sheet label="An arched crossmember between two rails with its width, rise, middle piece and slope">
            <Steel d="M30 150H120L170 90H250L300 150H370" />
            <Marked d="M120 140V160M170 80V100M250 80V100M300 140V160" />
            <Scribed d="M120 150H300" />
            <Label at={[152, 146]} anchor="start">
                slope
            </Label>
            <Across from={170} to={250} y={70}>
                middle
            </Across>
            <Across from={30} to={370} y={196}>
                width
            </Across>
            <Upright from={90} to={150} x={325}>
                rise
            </Upright>
        </Sheet>
    );
}
