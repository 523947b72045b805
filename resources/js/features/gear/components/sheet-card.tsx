import { useState } from 'react';
import { LinkBench } from '@/features/gear/components/link-bench';
import { SheetForm } from '@/features/gear/components/sheet-form';
import { Results } from '@/shared/ui/results';
import { useUnits } from '@/shared/hooks/units';
import { send } from '@/shared/lib/http';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { Trouble } from '@/shared/ui/trouble';
import type { GearPageProps, JobProps, SurveyedPointProps, ToolProps, WorksheetProps } from '@/types/props';

interface Props {
    job: JobProps;
    tool: ToolProps;
    sheet: WorksheetProps;
    surveyed: SurveyedPointProps[];
    onKept: (gear: GearPageProps) => void;
}

/** A kept sheet: what comes of it now, what came of it before the plan, and whether the job says otherwise since. */
export function SheetCard({ job, tool, sheet, surveyed, onKept }: Props) {
    const { unit } = useUnits();
    const [isOpen, setOpen] = useState(false);
    const [isMoving, setMoving] = useState(false);
    const [trouble, setTrouble] = useState<string | null>(null);
    const at = { job: job.id, worksheet: sheet.id };
    const change = async (method: 'POST' | 'DELETE', to: string) => {
        const answer = await send<GearPageProps>(method, to, {});
        if (answer.state === 'ok') onKept(answer.body);
        else if (answer.state !== 'nothing') setTrouble(answer.message);
    };
    if (isOpen) {
        return (
            <SheetForm
                job={job.id}
                tool={tool}
                values={sheet.values}
                title={sheet.title}
                sheet={sheet}
                surveyed={surveyed}
                onKept={(kept) => {
                    onKept(kept);
                    setOpen(false);
                }}
                onClose={() => setOpen(false)}
            />
        );
    }
    return (
        <article aria-label={sheet.title} className="border border-line p-4">
            <div className="flex flex-wrap items-baseline justify-between gap-x-4">
                <h3 className="text-2xl">{sheet.title}</h3>
                <p className="text-sm text-soft">
                    {sheet.by}, {new Date(sheet.at).toLocaleString()}
                </p>
            </div>
            {sheet.stale.length > 0 && (
                <div className="mt-2 border-l-[6px] border-unsure pl-3">
                    <p>
                        <b className="font-semibold">◌ Out of date.</b> The plan, the chart or the driveshaft says otherwise now:{' '}
                        {sheet.stale.join(', ')}.
                    </p>
                    {job.can.work && (
                        <Button onClick={() => void change('POST', path('gear.take-over', at))}>Take it over and work it out again</Button>
                    )}
                </div>
            )}
            {(sheet.trouble ?? trouble) && <Trouble title="Not worked out">{sheet.trouble ?? trouble}</Trouble>}
            {sheet.result && <Results results={tool.results} values={sheet.result} unit={unit} source={tool.source} />}
            {sheet.drawings.length > 0 && !isMoving && (
                <div className="mt-3 grid gap-3">
                    {sheet.drawings.map((drawing) => (
                        <figure key={drawing.caption} className="border border-line">
                            <img src={drawing.source} alt={drawing.caption} className="max-h-80 w-full bg-white object-contain" />
                            <figcaption className="px-2 text-sm text-soft">{drawing.caption}</figcaption>
                        </figure>
                    ))}
                </div>
            )}
            {sheet.before && (
                <details className="mt-3">
                    <summary className="min-h-11 content-center">Before the plan</summary>
                    <Results results={tool.results} values={sheet.before} unit={unit} source={tool.source} />
                </details>
            )}
            {isMoving && <LinkBench job={job} tool={tool} sheet={sheet} onKept={onKept} key={sheet.revision} />}
            {job.can.work && (
                <div className="mt-3 flex flex-wrap gap-3">
                    <Button onClick={() => setOpen(true)}>Change its numbers</Button>
                    {tool.name === 'linkage' && (
                        <Button onClick={() => setMoving(!isMoving)}>{isMoving ? 'Leave the mounts' : 'Move a mount and see'}</Button>
                    )}
                    <Button look="quiet" onClick={() => void change('DELETE', path('gear.remove', at))}>
                        Remove it
                    </Button>
                </div>
            )}
        </article>
    );
}
