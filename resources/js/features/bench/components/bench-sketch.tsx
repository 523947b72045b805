import { formatLength } from '@/shared/lib/format';
import { turnWords } from '@/features/bench/lib/words';
import { useUnits } from '@/shared/hooks/units';
import type { BenchRoundProps, JigProps } from '@/types/props';

const PLACES: Record<string, { x: number; y: number; anchor: 'start' | 'end'; dy: number }> = {
    'front left': { x: 70, y: 210, anchor: 'start', dy: 34 },
    'rear left': { x: 490, y: 210, anchor: 'end', dy: 34 },
    'front right': { x: 70, y: 70, anchor: 'start', dy: -22 },
    'rear right': { x: 490, y: 70, anchor: 'end', dy: -22 },
};

/** The bench from above with its four screws, front to the left; what to do with each is written at it. */
export function BenchSketch({ jig, round }: { jig: JigProps; round: BenchRoundProps | undefined }) {
    const { unit, denominator } = useUnits();
    return (
        <svg viewBox="0 0 560 280" className="block w-full bg-dye" role="img" aria-label="The bench from above, front to the left">
            <g fill="none" stroke="var(--scribe)">
                <rect x={70} y={70} width={420} height={140} strokeWidth={3} />
                <path d="M70 140H490" strokeDasharray="18 4 3 4" strokeWidth={0.8} />
                <path d="M210 70V210M350 70V210" strokeWidth={1.6} />
            </g>
            <text
                x={280}
                y={131}
                textAnchor="middle"
                className="text-[15px] max-sm:text-[20px]"
                fill="var(--dye-soft)"
                stroke="var(--dye)"
                strokeWidth={8}
                paintOrder="stroke"
            >
                {jig.length !== null && jig.width !== null
                    ? `${formatLength(jig.length, unit, denominator)} × ${formatLength(jig.width, unit, denominator)} ${unit}`
                    : 'size not given'}
            </text>
            {Object.entries(PLACES).map(([corner, place]) => {
                const turn = round?.turns.find((one) => one.corner === corner);
                const move = turn && !round?.good && turnWords(turn.turns) !== 'leave' ? turn : null;
                return (
                    <g key={corner}>
                        <circle
                            cx={place.x}
                            cy={place.y}
                            r={15}
                            fill="var(--dye)"
                            stroke={move ? 'var(--now)' : 'var(--dye-ink)'}
                            strokeWidth={2.5}
                        />
                        {move ? (
                            <path
                                d={
                                    move.clockwise
                                        ? `M${place.x - 7} ${place.y + 3}A8 8 0 1 1 ${place.x + 3} ${place.y + 7}`
                                        : `M${place.x + 7} ${place.y + 3}A8 8 0 1 0 ${place.x - 3} ${place.y + 7}`
                                }
                                fill="none"
                                stroke="var(--now)"
                                strokeWidth={2.5}
                            />
                        ) : (
                            <path d={`M${place.x - 6} ${place.y}H${place.x + 6}`} stroke="var(--dye-ink)" strokeWidth={2} />
                        )}
                        <text
                            x={place.x - (place.anchor === 'start' ? 15 : -15)}
                            y={place.y + place.dy}
                            textAnchor={place.anchor}
                            className="text-[17px] max-sm:text-[22px]"
                            fontFamily="var(--font-head)"
                            fontWeight={600}
                            fill={move ? 'var(--now)' : 'var(--dye-soft)'}
                        >
                            {corner}
                            {move && `: ${turnWords(move.turns)} ${move.clockwise ? '↻' : '↺'}`}
                        </text>
                    </g>
                );
            })}
        </svg>
    );
}
