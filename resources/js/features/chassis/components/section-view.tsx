import { useUnits } from '@/shared/hooks/units';
import { formatLength } from '@/shared/lib/format';
import { Ask } from '@/shared/ui/ask';
import { Segmented } from '@/shared/ui/segmented';
import { spaced } from '@/shared/lib/spaced';
import type { SectionProps } from '@/types/props';

interface Props {
    section: SectionProps | null;
    station: number;
    limits: [number, number];
    side: 'left' | 'right';
    onStation: (station: number) => void;
    onSide: (side: 'left' | 'right') => void;
}

const SIZE = 168;

/** The third view: one rail cut square at the chosen station, with what it has. */
export function SectionView({ section, station, limits, side, onStation, onSide }: Props) {
    const { unit, denominator } = useUnits();
    return (
        <section aria-labelledby="section">
            <h2 id="section" className="mb-1 text-2xl">
                Section
            </h2>
            <div className="flex flex-wrap items-center gap-3">
                <Segmented
                    label="Side"
                    value={side}
                    onChange={onSide}
                    choices={[
                        { value: 'left', label: 'left' },
                        { value: 'right', label: 'right' },
                    ]}
                />
                <label className="flex min-h-11 flex-1 items-center gap-2 whitespace-nowrap">
                    at {formatLength(station, unit, denominator)} {unit}
                    <input
                        type="range"
                        className="min-h-11 w-full min-w-24 accent-ink"
                        min={Math.round(limits[0])}
                        max={Math.round(limits[1])}
                        step={10}
                        value={station}
                        onChange={(event) => onStation(Number(event.target.value))}
                        aria-label="Station of the section"
                    />
                </label>
            </div>
            {section === null ? (
                <p className="text-soft">No {side} rail is entered at this station.</p>
            ) : (
                <div className="mt-2 flex gap-4">
                    <Drawn section={section} />
                    <Numbers section={section} />
                </div>
            )}
        </section>
    );
}

function Drawn({ section }: { section: SectionProps }) {
    const corners = section.outlines.flat();
    const [left, right] = [Math.min(...corners.map(([y = 0]) => y)), Math.max(...corners.map(([y = 0]) => y))];
    const [bottom, top] = [Math.min(...corners.map(([, z = 0]) => z)), Math.max(...corners.map(([, z = 0]) => z))];
    const pad = Math.max(right - left, top - bottom) * 0.08;
    return (
        <svg
            width={SIZE}
            height={SIZE}
            viewBox={`${left - pad} ${-top - pad} ${right - left + 2 * pad} ${top - bottom + 2 * pad}`}
            role="img"
            aria-label={`Section of the ${section.side} rail, seen from behind`}
            className="on-dye shrink-0 bg-dye"
        >
            <g fill="var(--scribe)" fillOpacity={0.45} stroke="var(--dye-ink)" strokeWidth={1.4} vectorEffect="non-scaling-stroke">
                {section.outlines.map((outline, i) => (
                    <polygon key={i} points={outline.map(([y = 0, z = 0]) => `${y},${-z}`).join(' ')} vectorEffect="non-scaling-stroke" />
                ))}
            </g>
        </svg>
    );
}

function Numbers({ section }: { section: SectionProps }) {
    const { unit, denominator } = useUnits();
    const rows: [string, string][] = [
        ['depth × width', `${formatLength(section.depth, unit, denominator)} × ${formatLength(section.width, unit, denominator)} ${unit}`],
        ['section modulus', `${(section.modulus / 1000).toFixed(1)} cm³`],
        ['I, from the side', `${(section.inertia / 1e4).toFixed(1)} cm⁴`],
        ['J, in torsion', `${(section.torsion / 1e4).toPrecision(3)} cm⁴`],
        ['yield', section.yield === null ? 'not given' : `${section.yield} MPa, ${section.known}`],
        ['moment at yield', section.moment === null ? 'not given' : `${(section.moment / 1000).toFixed(1)} kN·m a rail`],
    ];
    return (
        <div>
            <dl className="grid grid-cols-[auto_1fr] gap-x-3 gap-y-0.5 text-[15px]">
                {rows.map(([name, value]) => (
                    <div key={name} className="contents">
                        <dt className="text-soft">{name}</dt>
                        <dd className="text-right">
                            <Ask about="section">{value}</Ask>
                        </dd>
                    </div>
                ))}
            </dl>
            {section.lost > 0 && (
                <p className="mt-1 text-out">
                    {formatLength(section.lost, unit, denominator)} {unit} of wall missing on every face, as measured.
                </p>
            )}
            {section.steel !== 'mild' && (
                <p className="mt-1 text-out">
                    {section.steel === 'heat-treated'
                        ? 'Heat-treated: no weld, no hole in a flange.'
                        : `${spaced(section.steel)} steel: see its maker before any heat.`}
                </p>
            )}
        </div>
    );
}
