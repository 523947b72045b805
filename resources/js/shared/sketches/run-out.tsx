import { useUnits } from '@/shared/hooks/units';
import { formatDeviation } from '@/shared/lib/format';
import { Label, Marked, Scribed, Sheet, Steel } from '@/shared/sketches/sheet';

interface Station {
    x: number;
    traced: { at: number; out: number }[];
    readings: { at: number; read: number }[];
}

/** Stations that find room on the sheet; the rest stand in the table. */
const MOST = 6;
/** Pixels of the round tube, and of what stands out most. */
const ROUND = 32;
const OUT = 14;

/** A shaft on its bearings with a dial; then the shape that the dial told, each station seen from its end. */
export function RunOutSketch({ result }: { result: Record<string, unknown> | null }) {
    const stations = Array.isArray(result?.stations) ? (result.stations as Station[]).filter((one) => Array.isArray(one.traced)) : [];
    return stations.length === 0 ? <HowItIsRead /> : <Polar stations={stations.slice(0, MOST)} tack={tackFirst(result?.tackFirst)} />;
}

function Polar({ stations, tack }: { stations: Station[]; tack: { x: number; at: number } | null }) {
    const { unit } = useUnits();
    const most = Math.max(1e-6, ...stations.flatMap((one) => one.readings.map((reading) => Math.abs(reading.read))));
    return (
        <Sheet
            label={`Shape of the shaft at ${stations.length} stations, seen from its end, what stands out drawn larger; the readings as crosses`}
        >
            {stations.map((one, i) => {
                const [cx, cy] = [70 + 130 * (i % 3), stations.length > 3 ? 58 + 104 * Math.floor(i / 3) : 104];
                const at = (degrees: number, out: number) => around(cx, cy, degrees, ROUND + (OUT * out) / most);
                return (
                    <g key={one.x}>
                        <Scribed
                            d={`M${cx} ${cy - ROUND}a${ROUND} ${ROUND} 0 1 0 0.1 0M${cx} ${cy - ROUND - OUT}v6M${cx - 3} ${cy}h6M${cx} ${cy - 3}v6`}
                        />
                        <Steel d={`M${one.traced.map((shape) => at(shape.at, shape.out).join(' ')).join('L')}Z`} />
                        <Marked
                            d={one.readings
                                .map((reading) => at(reading.at, reading.read))
                                .map(([x, y]) => `M${x - 3} ${y}h6M${x} ${y - 3}v6`)
                                .join('')}
                        />
                        {tack?.x === one.x && <Marked d={`M${cx} ${cy}L${around(cx, cy, tack.at, ROUND - 6).join(' ')}`} dashed />}
                        <Label at={[cx, cy + ROUND + OUT + 8]} marked={tack?.x === one.x}>
                            {`${formatDeviation(one.x, unit, false)} ${unit}${tack?.x === one.x ? ', tack here' : ''}`}
                        </Label>
                    </g>
                );
            })}
            <Label at={[8, 16]} anchor="start">
                0° up
            </Label>
            <Label at={[392, 16]} anchor="end">
                what stands out is drawn larger
            </Label>
        </Sheet>
    );
}

/** Angles run clockwise from the top, as they are marked on the tube. */
function around(cx: number, cy: number, degrees: number, radius: number): [number, number] {
    const turn = (degrees * Math.PI) / 180;
    return [Number((cx + radius * Math.sin(turn)).toFixed(2)), Number((cy - radius * Math.cos(turn)).toFixed(2))];
}

function tackFirst(value: unknown): { x: number; at: number } | null {
    const told = value as { x?: unknown; at?: unknown } | null | undefined;
    return typeof told?.x === 'number' && typeof told.at === 'number' ? { x: told.x, at: told.at } : null;
}

function HowItIsRead() {
    return (
        <Sheet label="A tube seen from its end with eight marked angles, a dial on top, and the same tube from the side with stations">
            <Steel d="M100 60a50 50 0 1 0 0.1 0" />
            <Scribed d="M100 110V30M100 110H160M100 110L142 68M100 110L58 68M100 110H40M220 90H380M220 130H380" />
            <Marked d="M92 18h16v14h-16zM100 32V60M260 80V140M300 80V140M340 80V140" />
            <Label at={[112, 26]} anchor="start">
                dial
            </Label>
            <Label at={[172, 114]} anchor="start">
                angle
            </Label>
            <Label at={[300, 164]} marked>
                stations
            </Label>
        </Sheet>
    );
}
