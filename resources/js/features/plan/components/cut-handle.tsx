import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Scene } from '@/shared/drawing/lib/scene';
import { useUnits } from '@/shared/hooks/units';
import { stationByKey } from '@/features/plan/lib/station-by-key';
import { formatLength } from '@/shared/lib/format';

interface Props {
    scene: Scene;
    name: string;
    /** What lies at the station. */
    what?: 'cut' | 'change';
    at: number;
    bandEnd: number;
    limits: [number, number];
    disabled: boolean;
    onPlace: (station: number) => void;
    /** While it moves. */
    onMove?: (station: number) => void;
}

const SETTLE_MS = 450;

/** A cut on the drawing: drag it, or move it with the keys of a slider. Moving previews, letting go commits. */
export function CutHandle({ scene, name, what = 'cut', at, bandEnd, limits, disabled, onPlace, onMove }: Props) {
    const { unit, denominator } = useUnits();
    const [moving, setMoving] = useState<number | null>(null);
    const settle = useRef<ReturnType<typeof setTimeout>>(undefined);
    const here = moving ?? at;
    const clamp = (station: number) => Math.max(limits[0], Math.min(limits[1], Math.round(station)));

    const onKey = (event: KeyboardEvent) => {
        const next = disabled ? null : stationByKey(event, here, limits);
        if (next === null) return;
        event.preventDefault();
        setMoving(next);
        onMove?.(next);
        clearTimeout(settle.current);
        settle.current = setTimeout(() => {
            onPlace(next);
            setMoving(null);
        }, SETTLE_MS);
    };
    const stationOf = (event: PointerEvent<SVGGElement>) => {
        const left = event.currentTarget.ownerSVGElement?.getBoundingClientRect().left ?? 0;
        return clamp(scene.stationAt(event.clientX - left));
    };
    const onDown = (event: PointerEvent<SVGGElement>) => {
        if (disabled) return;
        event.currentTarget.setPointerCapture(event.pointerId);
        setMoving(stationOf(event));
    };
    const onUp = (event: PointerEvent<SVGGElement>) => {
        if (moving === null) return;
        onPlace(stationOf(event));
        setMoving(null);
    };
    const x = scene.x(here);
    const end = scene.x(bandEnd + here - at);
    const words = `${formatLength(here, unit, denominator)} ${unit}`;
    return (
        <g
            role="slider"
            data-grip
            tabIndex={disabled ? -1 : 0}
            aria-label={`Station of ${what} ${name}`}
            aria-valuenow={Math.round(here)}
            aria-valuemin={Math.round(limits[0])}
            aria-valuemax={Math.round(limits[1])}
            aria-valuetext={words}
            aria-disabled={disabled}
            onKeyDown={onKey}
            onPointerDown={onDown}
            onPointerMove={(event) => {
                if (moving === null || event.buttons === 0) return;
                setMoving(stationOf(event));
                onMove?.(stationOf(event));
            }}
            onPointerUp={onUp}
            className={`touch-none outline-none [&:focus-visible>.grip]:stroke-[4] ${disabled ? '' : 'cursor-ew-resize'}`}
        >
            {end > x && (
                <rect
                    x={x}
                    width={end - x}
                    y={scene.planTop - 8}
                    height={scene.datumY - scene.planTop + 8}
                    fill="var(--now)"
                    opacity={0.16}
                />
            )}
            <path d={`M${x} ${scene.planTop - 8}V${scene.datumY + 6}`} stroke="var(--now)" strokeWidth={2} strokeDasharray="9 4" />
            <path d={`M${x} ${scene.planTop - 8}V${scene.datumY + 6}`} stroke="transparent" strokeWidth={44} />
            <rect
                className="grip"
                x={x - 46}
                y={scene.planTop - 34}
                width={92}
                height={27}
                fill="var(--now)"
                stroke="var(--dye-ink)"
                strokeWidth={0}
            />
            <text x={x} y={scene.planTop - 15} textAnchor="middle" fontSize={16} fontWeight={600} fill="var(--now-ink)">
                {words}
            </text>
        </g>
    );
}
