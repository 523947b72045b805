import { lazy, Suspense, useId, useState, type ReactNode } from 'react';
import { Bar, type BarReading } from '@/shared/drawing/components/bar';
import { Body } from '@/shared/drawing/components/body';
import { BodyLabels } from '@/shared/drawing/components/body-labels';
import { ChartLines } from '@/shared/drawing/components/chart-lines';
import { DatumMarks } from '@/shared/drawing/components/datum-marks';
import { Enlarge } from '@/shared/drawing/components/enlarge';
import { Hulls } from '@/shared/drawing/components/hulls';
import { Labels } from '@/shared/drawing/components/labels';
import { MeasuredFrame } from '@/shared/drawing/components/measured-frame';
import { ViewKeys } from '@/shared/drawing/components/view-keys';
import { useView } from '@/shared/drawing/hooks/use-view';
import { drawnPoints } from '@/shared/drawing/lib/drawn-points';
import { layOut, type Scene, type ScenePoint } from '@/shared/drawing/lib/scene';
import { useSize } from '@/shared/hooks/use-size';
import type { AxleProps, BodyProps, PointProps } from '@/types/props';

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
    /** The frame as metal, where it is entered. */
    body?: BodyProps | null;
    /** A feature or line of it. */
    part?: string | null;
    onPart?: (id: string) => void;
    children?: (scene: Scene) => ReactNode;
}

const SpaceView = lazy(() => import('@/shared/drawing/components/space-view'));

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
    body = null,
    part = null,
    onPart,
    children,
}: Props) {
    const { ref, element, width, height } = useSize<HTMLDivElement>();
    const { view, isFitted, fit, zoom } = useView(element);
    const [inSpace, showInSpace] = useState(false);
    const id = useId();
    const metal = body?.rails.flatMap((rail) => rail.knots) ?? [];
    const scene = layOut([...points, ...metal.flatMap(asScenePoints)], axles, width, height, {
        reach: [...(reach ?? []), ...metal.map((knot) => knot[0] ?? 0)],
        factor,
        view,
        clips: [`url(#${id}-plan)`, `url(#${id}-side)`],
    });
    const drawn = drawnPoints(points, scene, factor);
    const mates = points.flatMap((point): [string, string][] => (point.side === 'left' && point.mate ? [[point.id, point.mate]] : []));
    return (
        <div className="on-dye relative min-h-0 flex-1 bg-dye text-dye-ink">
            <div ref={ref} className="absolute inset-0 touch-none overflow-hidden">
                {inSpace && body && (
                    <Suspense fallback={<p className="p-4">Turning the drawing…</p>}>
                        <SpaceView body={body} axles={axles} width={width} height={height} />
                    </Suspense>
                )}
                {width > 0 && !inSpace && (
                    <svg
                        width={width}
                        height={height}
                        role={children ? 'group' : 'img'}
                        aria-label={summary}
                        data-revision={revision}
                        className="block"
                    >
                        <clipPath id={`${id}-plan`}>
                            <rect x={0} y={isFitted ? -height : 0} width={width} height={isFitted ? 3 * height : scene.rulerY - 2} />
                        </clipPath>
                        <clipPath id={`${id}-side`}>
                            <rect x={0} y={isFitted ? -height : scene.rulerY + 30} width={width} height={3 * height} />
                        </clipPath>
                        {body && (
                            <Body
                                body={body}
                                scene={scene}
                                chosen={part}
                                onChoose={onPart}
                                isFaint={children !== undefined && onPart === undefined}
                            />
                        )}
                        <ChartLines scene={scene} points={points} axles={axles} mates={mates} />
                        {children?.(scene)}
                        {body && onPart && <BodyLabels body={body} scene={scene} chosen={part} />}
                        {onFactor && <Hulls drawn={drawn} scene={scene} factor={factor} />}
                        {onFactor && <DatumMarks drawn={drawn} scene={scene} />}
                        {onFactor && <MeasuredFrame scene={scene} drawn={drawn} chosen={chosen} onChoose={onChoose} />}
                        {bar && <Bar reading={bar} drawn={drawn} scene={scene} />}
                        <ViewTitle x={14} y={24} main="Plan" more="from above, front left" />
                        <ViewTitle
                            x={14}
                            y={isFitted ? scene.sideTop + 20 : scene.rulerY + 52}
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
                        {named && <Labels drawn={drawn} chosen={chosen} scene={scene} />}
                    </svg>
                )}
            </div>
            {onFactor && !inSpace && <Enlarge factor={factor} onFactor={onFactor} />}
            {inSpace ? (
                <button
                    type="button"
                    className="no-print absolute right-0 bottom-0 min-h-11 bg-dye px-3"
                    onClick={() => showInSpace(false)}
                >
                    Back to plan and side
                </button>
            ) : (
                <ViewKeys isFitted={isFitted} onFit={fit} onZoom={zoom} onTurn={body ? () => showInSpace(true) : undefined} />
            )}
        </div>
    );
}

function ViewTitle({ x, y, main, more }: { x: number; y: number; main: string; more: string }) {
    return (
        <text
            x={x}
            y={y}
            fontFamily="var(--font-head)"
            fontSize={18}
            fontWeight={600}
            fill="var(--dye-ink)"
            paintOrder="stroke"
            stroke="var(--dye)"
            strokeWidth={6}
            aria-hidden
        >
            {main}
            <tspan dx={9} fontSize={14} fontWeight={500} fill="var(--dye-soft)">
                {more}
            </tspan>
        </text>
    );
}

/** The edges of a rail where it bends, so that the sheet holds them. */
function asScenePoints([x = 0, back = 0, , top = 0, bottom = 0]: number[]): ScenePoint[] {
    return [top, bottom].map((z) => ({ id: '', side: 'left', chart: [x, back, z] }));
}
