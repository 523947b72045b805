import { useRef, type PointerEvent } from 'react';
import type { PictureProps } from '@/types/props';

export type Pixel = [number, number];

interface Props {
    picture: PictureProps;
    controls: Pixel[];
    contour: Pixel[];
    check: Pixel[];
    /** How sure each place of the contour is (mm, 1 σ), where it was worked out. */
    sure: (number | null)[];
    onPick: (pixel: Pixel) => void;
}

/** The photograph with what was picked on it; a tap picks the next place. */
export function PhotoPicture({ picture, controls, contour, check, sure, onPick }: Props) {
    const svg = useRef<SVGSVGElement>(null);
    const pick = (event: PointerEvent) => {
        const box = svg.current?.getBoundingClientRect();
        if (!box) return;
        const scale = picture.width / box.width;
        onPick([Math.round((event.clientX - box.left) * scale * 10) / 10, Math.round((event.clientY - box.top) * scale * 10) / 10]);
    };
    const size = picture.width / 60;
    return (
        <svg
            ref={svg}
            viewBox={`0 0 ${picture.width} ${picture.height}`}
            className="w-full cursor-crosshair touch-manipulation border border-ink"
            role="img"
            aria-label={`${picture.name}: ${controls.length} measured points, ${contour.length} places of the contour`}
            onPointerUp={pick}
        >
            <image href={picture.source} width={picture.width} height={picture.height} />
            {contour.length > 1 && (
                <path d={`M${contour.map((one) => one.join(' ')).join('L')}Z`} fill="none" stroke="#ffb000" strokeWidth={size / 6} />
            )}
            {contour.map(([x, y], i) => (
                <g key={i}>
                    <circle cx={x} cy={y} r={size / 3} fill="#ffb000" stroke="#000" strokeWidth={size / 20} />
                    {sure[i] != null && (
                        <text
                            x={x + size / 2}
                            y={y - size / 3}
                            fontSize={size}
                            fill="#fff"
                            stroke="#000"
                            strokeWidth={size / 8}
                            paintOrder="stroke"
                        >
                            ±{(sure[i] ?? 0).toFixed(1)}
                        </text>
                    )}
                </g>
            ))}
            {controls.map(([x, y], i) => (
                <g key={i} stroke="#fff" strokeWidth={size / 6}>
                    <path d={`M${x - size} ${y}h${2 * size}M${x} ${y - size}v${2 * size}`} stroke="#000" strokeWidth={size / 3} />
                    <path d={`M${x - size} ${y}h${2 * size}M${x} ${y - size}v${2 * size}`} />
                    <text
                        x={x + size / 2}
                        y={y - size / 2}
                        fontSize={size * 1.4}
                        fill="#fff"
                        stroke="#000"
                        strokeWidth={size / 6}
                        paintOrder="stroke"
                    >
                        {i + 1}
                    </text>
                </g>
            ))}
            {check.length === 2 && (
                <path
                    d={`M${check.map((one) => one.join(' ')).join('L')}`}
                    stroke="#5ad1ff"
                    strokeWidth={size / 4}
                    strokeDasharray={`${size} ${size / 2}`}
                />
            )}
        </svg>
    );
}
