import { router } from '@inertiajs/react';
import { useState } from 'react';
import { PartFiles } from '@/features/parts/components/part-files';
import { PartForm } from '@/features/parts/components/part-form';
import { PartsPages } from '@/features/parts/components/parts-pages';
import { MarkingOut } from '@/features/parts/components/marking-out';
import { PartSteps } from '@/features/parts/components/part-steps';
import { useUnits } from '@/shared/hooks/units';
import { formatLength } from '@/shared/lib/format';
import { send } from '@/shared/lib/http';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { Results } from '@/shared/ui/results';
import { Trouble } from '@/shared/ui/trouble';
import type { JobProps, PartsProps } from '@/types/props';

interface Props {
    job: JobProps;
    initial: PartsProps;
    id: number;
    /** State that a paper was made from, where one was read by its code. */
    paper: string | null;
}

/** One part: what comes of it, its files, its first article, its mirror image. */
export function PartSheet({ job, initial, id, paper }: Props) {
    const { unit, denominator } = useUnits();
    const [parts, setParts] = useState(initial);
    const [isOpen, setOpen] = useState(false);
    const [trouble, setTrouble] = useState<string | null>(null);
    const part = parts.parts.find((one) => one.id === id);
    const tool = parts.tools.find((one) => one.name === part?.tool);
    if (!part || !tool) return null;
    const at = { job: job.id, part: id };
    const ask = async (method: 'POST' | 'DELETE', to: string, body: unknown = {}) => {
        const answer = await send<PartsProps>(method, to, body);
        if (answer.state === 'ok') setParts(answer.body);
        setTrouble(answer.state === 'ok' || answer.state === 'nothing' ? null : answer.message);
        return answer.state === 'ok';
    };
    const image = parts.parts.find((one) => one.mirrorOf === part.title && part.hasMirror);
    return (
        <div className="flex min-h-0 flex-1 flex-col gap-6 bg-paper p-4 lg:overflow-y-auto [&>*]:shrink-0" tabIndex={-1}>
            <PartsPages job={job.id} current="parts" />
            {paper !== null && (
                <div role="status" className={`border-l-[6px] pl-4 ${paper === part.revision ? 'border-ink' : 'border-out'}`}>
                    <p className="font-head text-2xl font-semibold">
                        {paper === part.revision ? '◆ The paper in your hand is current' : '✕ The paper in your hand is out of date'}
                    </p>
                    <p>
                        {paper === part.revision
                            ? 'It was made from what stands here.'
                            : 'The part was changed since it was printed. Throw it away and print it again.'}
                    </p>
                </div>
            )}
            <header>
                <h2 className="text-3xl">{part.title}</h2>
                <p className="text-soft">
                    {part.made}. {part.count} of it, {part.side === 'either' ? 'either side' : `${part.side} side`}
                    {part.stock && `, of ${part.stock}`}
                    {part.material && `, ${part.material}`}
                    {part.used && `, for ${part.used}`}
                    {part.mass !== null && <span className="tabular-nums">, {part.mass.toFixed(2)} kg each</span>}
                    {part.centre && (
                        <span className="tabular-nums">
                            , centre {part.centre.map((one) => formatLength(one, unit, denominator)).join(' / ')} {unit} from its lower left
                        </span>
                    )}
                    . State {part.revision.slice(0, 6)}, {part.by}.{part.from && ` From ${part.from}.`}
                    {part.mirrorOf && ` Mirror image of ${part.mirrorOf}: numbers below are that one’s, its drawings are turned over.`}
                </p>
            </header>
            {part.stale.length > 0 && (
                <div className="border-l-[6px] border-unsure pl-3">
                    <p>
                        <b className="font-semibold">◌ Out of date.</b> Changed since it was taken: {part.stale.join(', ')}.
                    </p>
                    {job.can.work && (
                        <Button onClick={() => void ask('POST', path('parts.take-over', at))}>
                            Take it over; it has to be tried again
                        </Button>
                    )}
                </div>
            )}
            {(part.trouble ?? trouble) && <Trouble title="Not done">{part.trouble ?? trouble}</Trouble>}
            <PartSteps
                part={part}
                canWork={job.can.work}
                onMove={(state, note) => void ask('POST', path('parts.move', at), { state, note })}
            />
            {isOpen ? (
                <PartForm
                    job={job.id}
                    tool={tool}
                    values={part.values}
                    part={part}
                    stock={parts.stock}
                    surveyed={parts.surveyed}
                    onKept={(kept) => {
                        setParts(kept);
                        setOpen(false);
                    }}
                    onClose={() => setOpen(false)}
                />
            ) : (
                job.can.work && (
                    <div className="flex flex-wrap gap-3">
                        {!part.mirrorOf && <Button onClick={() => setOpen(true)}>Change its numbers</Button>}
                        {!part.mirrorOf && !part.hasMirror && (
                            <Button onClick={() => void ask('POST', path('parts.mirror', at))}>Mirror it for the other side</Button>
                        )}
                        {image && (
                            <Button onClick={() => router.visit(path('part', { job: job.id, part: image.id }))}>To its mirror image</Button>
                        )}
                        <Button
                            look="quiet"
                            onClick={() =>
                                void ask('DELETE', path('parts.remove', at)).then((done) => {
                                    if (done) router.visit(path('parts', { job: job.id }));
                                })
                            }
                        >
                            Remove it{part.hasMirror && ', with its mirror image'}
                        </Button>
                    </div>
                )
            )}
            <div className="grid grid-cols-[minmax(0,1fr)] gap-6 xl:grid-cols-[minmax(0,1.3fr)_minmax(0,1fr)]">
                <PartFiles job={job.id} part={part} />
                {part.result && (
                    <div className="min-w-0 overflow-x-auto" tabIndex={0} role="region" aria-label="What comes of it">
                        <Results results={tool.results} values={part.result} unit={unit} source={tool.source} />
                    </div>
                )}
            </div>
            <MarkingOut marking={part.marking} />
        </div>
    );
}
