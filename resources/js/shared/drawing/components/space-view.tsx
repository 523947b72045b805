import { useState, type KeyboardEvent, type PointerEvent } from 'react';
import { turned, type Turn } from '@/shared/drawing/lib/turned';
import type { AxleProps, BodyProps } from '@/types/props';

interface Props {
    body: BodyProps;
    axles: AxleProps[];
    width: number;
    height: number;
}

interface Face {
    key: string;
    places: number[][];
    fill: string;
    stroke: string;
    isOpen?: boolean;
}

const START: Turn = { yaw: 0.5, tip: 0.55 };
const STEP = Math.PI / 36;
const PER_PIXEL = 0.008;
const STEEPEST = Math.PI / 2;

/** The frame in space, to be turned: drag it, or use the arrow keys; it tells nothing that plan and side do not. */
export default function SpaceView({ body, axles, width, height }: Props) {
    const [turn, setTurn] = useState(START);
    const by = (yaw: number, tip: number) =>
        setTurn((now) => ({ yaw: now.yaw + yaw, tip: Math.max(-STEEPEST, Math.min(STEEPEST, now.tip + tip)) }));
    const onKey = (event: KeyboardEvent) => {
        const way = { ArrowLeft: [-STEP, 0], ArrowRight: [STEP, 0], ArrowUp: [0, STEP], ArrowDown: [0, -STEP] }[event.key];
        if (!way) return;
        event.preventDefault();
        by(way[0] ?? 0, way[1] ?? 0);
    };
    const onMove = (event: PointerEvent) => event.buttons > 0 && by(-event.movementX * PER_PIXEL, event.movementY * PER_PIXEL);
    const faces = facesOf(body, axles);
    const seen = faces
        .map((face) => ({ face, on: face.places.map((place) => turned(place, turn)) }))
        .sort((a, b) => Math.max(...b.on.map((one) => one.depth)) - Math.max(...a.on.map((one) => one.depth)));
    const all = seen.flatMap(({ on }) => on);
    const [left, right] = [Math.min(...all.map((one) => one.x)), Math.max(...all.map((one) => one.x))];
    const [top, bottom] = [Math.min(...all.map((one) => one.y)), Math.max(...all.map((one) => one.y))];
    const scale = Math.min((width - 60) / Math.max(1, right - left), (height - 120) / Math.max(1, bottom - top));
    const at = (one: { x: number; y: number }) =>
        `${width / 2 + (one.x - (left + right) / 2) * scale},${height / 2 + (one.y - (top + bottom) / 2) * scale}`;
    return (
        <div
            role="slider"
            tabIndex={0}
            data-grip
            aria-label="The frame in space; turn it with the arrow keys"
            aria-valuenow={Math.round((turn.yaw * 180) / Math.PI)}
            aria-valuetext={`turned by ${Math.round((turn.yaw * 180) / Math.PI)}°, tipped by ${Math.round((turn.tip * 180) / Math.PI)}°`}
            className="absolute inset-0 cursor-grab touch-none"
            onKeyDown={onKey}
            onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
            onPointerMove={onMove}
        >
            <svg width={width} height={height} aria-hidden>
                <text x={14} y={24} fontFamily="var(--font-head)" fontSize={18} fontWeight={600} fill="var(--dye-ink)">
                    In space
                    <tspan dx={9} fontSize={14} fontWeight={500} fill="var(--dye-soft)">
                        drag or arrow keys
                    </tspan>
                </text>
                {seen.map(({ face, on }) =>
                    face.isOpen ? (
                        <polyline key={face.key} points={on.map(at).join(' ')} fill="none" stroke={face.stroke} strokeWidth={1.2} />
                    ) : (
                        <polygon
                            key={face.key}
                            points={on.map(at).join(' ')}
                            fill={face.fill}
                            fillOpacity={0.85}
                            stroke={face.stroke}
                            strokeWidth={1}
                            strokeLinejoin="round"
                        />
                    ),
                )}
            </svg>
        </div>
    );
}

function facesOf(body: BodyProps, axles: AxleProps[]): Face[] {
    const rails = body.rails.flatMap((rail) =>
        rail.knots.slice(1).flatMap((knot, i): Face[] => {
            const before = rail.knots[i] ?? knot;
            const look = { fill: 'var(--dye-deep)', stroke: 'var(--scribe)' };
            const corner = (of: number[], across: number, up: number) => [of[0] ?? 0, of[across] ?? 0, of[up] ?? 0];
            const side = (across: number): number[][] => [
                corner(before, across, 3),
                corner(knot, across, 3),
                corner(knot, across, 4),
                corner(before, across, 4),
            ];
            const flange = (up: number): number[][] => [
                corner(before, 1, up),
                corner(knot, 1, up),
                corner(knot, 2, up),
                corner(before, 2, up),
            ];
            const key = `${rail.id} ${rail.side} ${i}`;
            return [
                { key: `${key} web`, places: side(1), ...look },
                { key: `${key} top`, places: flange(3), ...look },
                { key: `${key} bottom`, places: flange(4), ...look },
                ...(rail.isBoxed ? [{ key: `${key} plate`, places: side(2), ...look }] : []),
            ];
        }),
    );
    const fixtures = body.fixtures.flatMap((one): Face[] => {
        const [left = [], right = []] = one.edges;
        const [, tips = 0, top = 0, bottom = 0] = left;
        const look = { fill: 'var(--dye)', stroke: one.kind === 'crack' ? 'var(--dye-out)' : 'var(--dye-soft)' };
        if (one.spans) {
            const across = [tips, right[1] ?? 0];
            return [one.front, one.rear].map((x, i) => ({
                key: `${one.id} ${i}`,
                places: [
                    [x, across[0] ?? 0, top],
                    [x, across[1] ?? 0, top],
                    [x, across[1] ?? 0, bottom],
                    [x, across[0] ?? 0, bottom],
                ],
                ...look,
            }));
        }
        return one.edges.map(([back = 0, , high = 0, low = 0], i) => ({
            key: `${one.id} ${i}`,
            places: [
                [one.front, back, high],
                [one.rear, back, high],
                [one.rear, back, low],
                [one.front, back, low],
            ],
            ...look,
        }));
    });
    const lines = body.lines.map((line): Face => ({
        key: `line ${line.id}`,
        places: line.path,
        fill: 'none',
        stroke: 'var(--dye-soft)',
        isOpen: true,
    }));
    const wheels = axles.flatMap((axle): Face[] =>
        axle.tyreRadius === null || axle.track === null
            ? []
            : [axle.track / 2, -axle.track / 2].map((y) => ({
                  key: `wheel ${axle.id} ${y}`,
                  places: wheel(axle.station, y, axle.tyreRadius ?? 0),
                  fill: 'none',
                  stroke: 'var(--scribe)',
              })),
    );
    return [...rails, ...fixtures, ...lines, ...wheels];
}

function wheel(x: number, y: number, radius: number): number[][] {
    return Array.from({ length: 24 }, (_, i) => {
        const angle = (i / 12) * Math.PI;
        return [x + radius * Math.cos(angle), y, radius + radius * Math.sin(angle)];
    });
}
