import { useState } from 'react';
import { usePrinter } from '@/features/parts/hooks/use-printer';
import { useUnits } from '@/shared/hooks/units';
import { formatLength } from '@/shared/lib/format';
import { path } from '@/shared/lib/path';
import { Field } from '@/shared/ui/field';
import type { PartProps } from '@/types/props';

const FILE = 'inline-flex min-h-11 items-center rounded-[3px] border border-ink px-4 font-medium';

/** The drawings of a part with their files, and the template as large as life, corrected for the printer that stands here. */
export function PartFiles({ job, part }: { job: number; part: PartProps }) {
    const { unit, denominator } = useUnits();
    const { bars, setBars, isMeasured, query } = usePrinter();
    const [kerf, setKerf] = useState('');
    const at = { job, part: part.id };
    return (
        <section aria-label="Drawings and files" className="grid gap-4">
            {part.drawings.map((drawing, i) => (
                <figure key={drawing.name} className="border border-line">
                    <img
                        src={drawing.source}
                        alt={`${drawing.name}: ${drawing.layers.join(', ')}`}
                        className="max-h-96 w-full bg-white object-contain p-2"
                    />
                    <figcaption className="flex flex-wrap items-center gap-x-4 gap-y-2 border-t border-line px-3 py-2">
                        <span className="min-w-0 flex-1">
                            <b className="font-semibold">{drawing.name}</b>{' '}
                            <span className="whitespace-nowrap tabular-nums">
                                {formatLength(drawing.width, unit, denominator)} × {formatLength(drawing.height, unit, denominator)} {unit}
                            </span>
                            <span className="block text-sm text-soft">{drawing.layers.join(', ')}</span>
                        </span>
                        <a
                            className={FILE}
                            href={path('parts.dxf', { ...at, drawing: i }) + (kerf ? `?kerf=${encodeURIComponent(kerf)}` : '')}
                        >
                            DXF
                        </a>
                        <a className={FILE} href={path('parts.svg', { ...at, drawing: i })}>
                            SVG
                        </a>
                    </figcaption>
                </figure>
            ))}
            {part.drawings.length > 0 && (
                <div className="grid gap-3 border-l-[6px] border-line pl-4">
                    <h3 className="text-2xl">As large as life, on paper</h3>
                    <p className="max-w-prose">
                        {isMeasured
                            ? 'Corrected for the printer of this device. Measure the bars again on the corrected print: 180 across, 250 up.'
                            : 'Print it once without fitting to the page and measure both long bars with a steel rule. Until then every sheet is stamped “not to scale”.'}
                    </p>
                    <div className="flex flex-wrap items-end gap-3">
                        <Field
                            label="Bar across measures, mm"
                            inputMode="decimal"
                            className="w-44"
                            value={bars.across}
                            placeholder="180"
                            onChange={(event) => setBars({ ...bars, across: event.target.value.replace(',', '.') })}
                        />
                        <Field
                            label="Bar up measures, mm"
                            inputMode="decimal"
                            className="w-44"
                            value={bars.up}
                            placeholder="250"
                            onChange={(event) => setBars({ ...bars, up: event.target.value.replace(',', '.') })}
                        />
                        <a className={FILE} href={path('parts.template', at) + query} target="_blank" rel="noreferrer">
                            Template, PDF
                        </a>
                    </div>
                    <details>
                        <summary className="min-h-11 content-center">The machine has no kerf of its own</summary>
                        <p className="max-w-prose text-soft">
                            Half of it goes into the geometry, and its layers say so. Never here and at the machine too.
                        </p>
                        <Field
                            label="Kerf in the DXF file, mm"
                            inputMode="decimal"
                            className="w-44"
                            value={kerf}
                            onChange={(event) => setKerf(event.target.value.replace(',', '.'))}
                        />
                    </details>
                </div>
            )}
        </section>
    );
}
