import { useState } from 'react';
import { path } from '@/shared/lib/path';
import { fetchFile } from '@/shared/lib/fetch-file';
import { send } from '@/shared/lib/http';
import { Button } from '@/shared/ui/button';
import type { PartDrawingProps } from '@/types/props';

interface Props {
    tool: string;
    unit: 'mm' | 'in';
    values: Record<string, unknown>;
}

const KINDS = [
    { kind: 'dxf', label: 'DXF' },
    { kind: 'svg', label: 'SVG' },
    { kind: 'pdf', label: 'Template, PDF' },
];

/** What a tool draws, as large as life, and as files; nothing where it draws nothing. */
export function ToolFiles({ tool, unit, values }: Props) {
    const [drawings, setDrawings] = useState<PartDrawingProps[] | null>(null);
    const [trouble, setTrouble] = useState<string | null>(null);
    const draw = async () => {
        const answer = await send<PartDrawingProps[]>('POST', path('tool.drawings', { tool }), { unit, values });
        if (answer.state === 'ok') setDrawings(answer.body);
        setTrouble(answer.state === 'ok' || answer.state === 'nothing' ? null : answer.message);
    };
    const save = async (drawing: number, kind: string) =>
        setTrouble(await fetchFile(path('tool.file', { tool, drawing, kind }), { unit, values }));
    return (
        <div className="mt-4 grid gap-3">
            {drawings === null && (
                <Button className="justify-self-start" onClick={() => void draw()}>
                    Drawing, template and files
                </Button>
            )}
            {drawings?.map((drawing, i) => (
                <figure key={drawing.name} className="border border-line">
                    <img
                        src={drawing.source}
                        alt={`${drawing.name}: ${drawing.layers.join(', ')}`}
                        className="max-h-80 w-full bg-white object-contain p-2"
                    />
                    <figcaption className="flex flex-wrap items-center gap-3 border-t border-line px-3 py-2">
                        <b className="min-w-0 flex-1 font-semibold">{drawing.name}</b>
                        {KINDS.map((one) => (
                            <Button key={one.kind} onClick={() => void save(i, one.kind)}>
                                {one.label}
                            </Button>
                        ))}
                    </figcaption>
                </figure>
            ))}
            {drawings?.length === 0 && <p>Nothing is drawn: a length that was kept out does not agree, or there is nothing to cut.</p>}
            {trouble && <p className="border-l-[6px] border-out pl-3">{trouble}</p>}
        </div>
    );
}
