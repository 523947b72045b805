import { useState, type ChangeEvent } from 'react';
import { HandContour } from '@/features/parts/components/hand-contour';
import { PartForm } from '@/features/parts/components/part-form';
import { send } from '@/shared/lib/http';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { Select } from '@/shared/ui/select';
import { Trouble } from '@/shared/ui/trouble';
import type { PartsProps, PlateOutlineProps, SurveyedPointProps, ToolProps } from '@/types/props';

interface Props {
    job: number;
    tools: ToolProps[];
    stock: string[];
    /** What an empty form starts with, by calculator (mm). */
    starts: Record<string, unknown>;
    surveyed: SurveyedPointProps[];
    onKept: (parts: PartsProps) => void;
}

/** A part that nothing asks for: by a calculator, or a plate out of a DXF file. */
export function AddPart({ job, tools, stock, starts, surveyed, onKept }: Props) {
    const [name, setName] = useState(tools[0]?.name ?? '');
    const [open, setOpen] = useState<{ tool: ToolProps; values: Record<string, unknown>; notes: string[] } | null>(null);
    const [isByHand, setByHand] = useState(false);
    const [trouble, setTrouble] = useState<string | null>(null);
    const start = (tool: ToolProps | undefined, values: Record<string, unknown> = {}, notes: string[] = []) => {
        setTrouble(null);
        setOpen(tool ? { tool, values, notes } : null);
    };
    const read = async (event: ChangeEvent<HTMLInputElement>) => {
        const file = event.target.files?.[0];
        event.target.value = '';
        if (!file) return;
        const body = new FormData();
        body.append('file', file);
        const answer = await send<PlateOutlineProps>('POST', path('parts.outline', { job }), body);
        if (answer.state === 'ok')
            start(
                tools.find((tool) => tool.name === 'offset-contour'),
                answer.body.values,
                answer.body.notes,
            );
        else if (answer.state !== 'nothing') setTrouble(answer.message);
    };
    const plate = tools.find((tool) => tool.name === 'offset-contour');
    if (isByHand) {
        return (
            <HandContour
                surveyed={surveyed}
                onDone={(contour) => {
                    setByHand(false);
                    start(plate, { contour, offset: 0 });
                }}
                onClose={() => setByHand(false)}
            />
        );
    }
    if (open) {
        return (
            <div className="grid gap-3">
                {open.notes.length > 0 && <p role="status">{open.notes.join(' ')}</p>}
                <PartForm
                    job={job}
                    tool={open.tool}
                    values={open.values}
                    part={null}
                    stock={stock}
                    surveyed={surveyed}
                    onKept={(parts) => {
                        onKept(parts);
                        setOpen(null);
                    }}
                    onClose={() => setOpen(null)}
                />
            </div>
        );
    }
    return (
        <section aria-label="Another part" className="grid max-w-3xl gap-3">
            <div className="flex flex-wrap items-end gap-3">
                <Select
                    label="Another part, made as"
                    value={name}
                    choices={tools.map((tool) => ({ value: tool.name, label: tool.title }))}
                    onChange={setName}
                />
                <Button
                    onClick={() =>
                        start(
                            tools.find((tool) => tool.name === name),
                            (starts[name] as Record<string, unknown> | undefined) ?? {},
                        )
                    }
                >
                    Draw it
                </Button>
                <Button onClick={() => setByHand(true)}>Draw a plate by hand</Button>
                <label className="inline-flex min-h-11 cursor-pointer items-center border border-transparent px-2 underline decoration-line underline-offset-4 focus-within:outline-3">
                    A plate out of a DXF file
                    <input type="file" accept=".dxf" className="sr-only" onChange={(event) => void read(event)} />
                </label>
            </div>
            {trouble && (
                <div role="alert">
                    <Trouble title="Not read">{trouble}</Trouble>
                </div>
            )}
        </section>
    );
}
