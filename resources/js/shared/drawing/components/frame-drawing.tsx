import type { ReactNode } from 'react';
import { Bar, type BarReading } from '@/shared/drawing/components/bar';
import { ChartLines } from '@/shared/drawing/components/chart-lines';
import { DatumMarks } from '@/shared/drawing/components/datum-marks';
import { Enlarge } from '@/shared/drawing/components/enlarge';
import { Hulls } from '@/shared/drawing/components/hulls';
import { Labels } from '@/shared/drawing/components/labels';
import { MeasuredFrame } from '@/shared/drawing/components/measured-frame';
import { drawnPoints } from '@/shared/drawing/lib/drawn-points';
import { layOut, type Scene } from '@/shared/drawing/lib/scene';
import { useSize } from '@/shared/hooks/use-size';
import type { AxleProps, PointProps } from '@/types/props';

interface Props {
    points: PointProps[];
    axles: AxleProps[];
    chosen?: string[];
    bar?: BarReading | null;
    factor?: number;
    onFactor?: (factor: number) => void;
    onChoose?: (id: string) => void;
    revision?: number;
    reach?: number[];
    summary: string;
    named?: boolean;
    children?: (scene: Scene) => ReactNode;
}

/** Below this width the marks of the datum are explained in the strip of a point alone. */
const WIDE = 520;

/** The one drawing: plan above, side below, on a common station scale. */
export function FrameDrawing({
    points,
    axles,
    chosen = [],
    bar = null,
    factor = 1,
    onFactor,
    onChoose = () => undefined,
    revision,
    reach,
    summary,
    named = true,
    children,
}: Props) {
    const { ref, width, height } = useSize<HTMLDivElement>();
    const scene = layOut(points, axles, width, height, { reach, factor });
    const drawn = drawnPoints(points, scene, factor);
    const mates = points.flatMap((point): [string, string][] => (point.side === 'left' && point.mate ? [[point.id, point.mate]] : []));
    return (
        <div className="on-dye relative min-h-0 flex-1 bg-dye text-dye-ink">
            <div ref={ref} className="absolute inset-0 overflow-hidden">
                {width > 0 && (
                    <svg
                        width={width}
                        height={height}
                        role={children ? 'group' : 'img'}
                        aria-label={summary}
                        data-revision={revision}
                        className="block"
                    >
                        <ViewTitle x={14} y={24} main="Plan" more="from above, front left" />
                        <ViewTitle
                            x={14}
                            y={scene.sideTop + 20}
                            main="Left side"
                            more={
                                onFactor && width > WIDE && points.some((point) => point.datum === 'carries')
                                    ? 'right rail dashed, △ carries the datum'
                                    : 'right rail dashed'
                            }
                        />
                        <text x={width - 10} y={scene.datumY - 5} textAnchor="end" fontSize={12} fill="var(--dye-soft)" aria-hidden>
                            datum 0
                        </text>
                        <ChartLines scene={scene} points={points} axles={axles} mates={mates} />
                        {children?.(scene)}
                        {onFactor && <Hulls drawn={drawn} scene={scene} factor={factor} />}
                        {onFactor && <DatumMarks drawn={drawn} />}
                        {onFactor && <MeasuredFrame drawn={drawn} chosen={chosen} onChoose={onChoose} />}
                        {bar && <Bar reading={bar} drawn={drawn} scene={scene} />}
                        {named && <Labels drawn={drawn} chosen={chosen} scene={scene} />}
                    </svg>
                )}
            </div>
            {onFactor && <Enlarge factor={factor} onFactor={onFactor} />}
        </div>
    );
}

function ViewTitle({ x, y, main, more }: { x: number; y: number; main: string; more: string }) {
    return (
        <text x={x} y={y} fontFamily="var(--font-head)" fontSize={18} fontWeight={600} fill="var(--dye-ink)" aria-hidden>
            {main}
            <tspan dx={9} fontSize={14} fontWeight={500} fill="var(--dye-soft)">
                {more}
            </tspan>
        </text>
    );
}
