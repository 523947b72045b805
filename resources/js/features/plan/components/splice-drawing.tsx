import { useUnits } from '@/shared/hooks/units';
import { formatLength } from '@/shared/lib/format';
import type { SpliceOptionProps, SpliceSiteProps } from '@/types/props';

const PAD = 46;

/** The joint from the side, to scale: rail, joint, parts, plugs and fillets, with running dimensions from the joint. */
export function SpliceDrawing({ site, option }: { site: SpliceSiteProps; option: SpliceOptionProps }) {
    const { unit, denominator } = useUnits();
    const reach = Math.max(site.depth, ...option.parts.map((part) => part.length)) * 1.12;
    const [width, height] = [2 * reach, site.depth + 3 * PAD];
    const columns = [...new Set(option.parts.flatMap((part) => part.plugs.map(([x = 0]) => x)))].sort((a, b) => a - b);
    const both = [-1, 1];
    return (
        <svg
            viewBox={`${-reach} ${-site.depth / 2 - PAD} ${width} ${height}`}
            className="on-dye max-h-[340px] w-full bg-dye"
            role="img"
            aria-label={`${option.label}, seen from the side, to scale`}
        >
            <g stroke="var(--scribe)" strokeWidth={1.4} fill="var(--dye-deep)" vectorEffect="non-scaling-stroke">
                <rect x={-reach} width={width} y={-site.depth / 2} height={site.depth} />
                {both.map((sign) => (
                    <path key={sign} d={`M${-reach} ${sign * (site.depth / 2 - site.thickness)}H${reach}`} strokeDasharray="6 4" />
                ))}
            </g>
            {option.parts.map((part) => (
                <g key={part.id} stroke="var(--dye-ink)" strokeWidth={1.6} fill="none">
                    {part.kind === 'flangePlate' ? (
                        <rect
                            x={-part.length}
                            width={2 * part.length}
                            y={part.id.startsWith('top') ? -site.depth / 2 - part.thickness : site.depth / 2}
                            height={part.thickness}
                            fill="var(--scribe)"
                        />
                    ) : (
                        <rect
                            x={-part.length}
                            width={2 * part.length}
                            y={-part.depth / 2}
                            height={part.depth}
                            strokeDasharray={part.kind === 'sleeve' ? '9 5' : undefined}
                            fill={part.kind === 'sleeve' ? 'none' : 'var(--scribe)'}
                            fillOpacity={0.3}
                        />
                    )}
                    {both.flatMap((sign) =>
                        part.plugs.map(([x = 0, z = 0], i) => (
                            <circle key={`${sign} ${i}`} cx={sign * x} cy={-z} r={(part.plug ?? 0) / 2} fill="var(--dye)" />
                        )),
                    )}
                    {both.flatMap((sign) =>
                        part.fillets.map(([x1 = 0, z1 = 0, x2 = 0, z2 = 0], i) => (
                            <path
                                key={`${sign} ${i}`}
                                d={`M${sign * x1} ${-z1}L${sign * x2} ${-z2}`}
                                stroke="var(--now)"
                                strokeWidth={5}
                                strokeDasharray="3 2"
                            />
                        )),
                    )}
                </g>
            ))}
            <path d={jointLine(site.depth, option)} fill="none" stroke="var(--now)" strokeWidth={2.4} />
            <g fontSize={13} fill="var(--dye-soft)" textAnchor="middle">
                {columns.map((x, i) => (
                    <g key={x}>
                        <path d={`M${x} ${site.depth / 2 + 8}v10`} stroke="var(--dye-soft)" />
                        <text x={x} y={site.depth / 2 + 33 + (i % 2) * 15}>
                            {formatLength(x, unit, denominator)}
                        </text>
                    </g>
                ))}
                <text x={0} y={site.depth / 2 + 33} fill="var(--now)">
                    0
                </text>
                <text x={-reach / 2} y={site.depth / 2 + 40}>
                    the same the other way; {unit} from the joint
                </text>
            </g>
        </svg>
    );
}

/** Where the rail is parted: square, on a slant, or stepped at the two edges of the web. */
function jointLine(depth: number, option: SpliceOptionProps): string {
    const half = depth / 2;
    const lean = Math.tan((option.slant * Math.PI) / 180) * half;
    const [top = 0, web = 0, bottom = 0] = option.steps;
    if (lean > 0) return `M${-lean} ${-half - 12}L${lean} ${half + 12}`;
    return `M${top} ${-half - 12}V${-half + 8}H${web}V${half - 8}H${bottom}V${half + 12}`;
}
