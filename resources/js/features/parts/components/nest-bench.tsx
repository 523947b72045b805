import { useState } from 'react';
import { NestedSheet, type Laid } from '@/features/parts/components/nested-sheet';
import { PartsPages } from '@/features/parts/components/parts-pages';
import { send } from '@/shared/lib/http';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { Trouble } from '@/shared/ui/trouble';
import type { JobProps, NestedStockProps } from '@/types/props';

/** The plates of a job on sheets, laid by themselves and moved by hand. */
export function NestBench({ job, initial }: { job: JobProps; initial: NestedStockProps[] }) {
    const [nests, setNests] = useState(initial);
    const [trouble, setTrouble] = useState<string | null>(null);
    const ask = async (method: 'PUT' | 'POST' | 'DELETE', to: string, body: unknown) => {
        const answer = await send<NestedStockProps[]>(method, to, body);
        if (answer.state === 'ok') setNests(answer.body);
        setTrouble(answer.state === 'ok' || answer.state === 'nothing' ? null : answer.message);
    };
    const lay = (laid: Laid) => void ask('PUT', path('nest.lay', { job: job.id }), laid);
    const isByHand = nests.some((nest) => nest.sheets.some((sheet) => sheet.pieces.some((piece) => piece.isByHand)));
    return (
        <div className="flex min-h-0 flex-1 flex-col gap-6 bg-paper p-4 lg:overflow-y-auto [&>*]:shrink-0" tabIndex={-1}>
            <PartsPages job={job.id} current="nest" />
            <p className="max-w-prose text-soft">
                Plates apart by the kerf and two, or by their thickness; ten off the edge: shop defaults. Turned, never mirrored: the other
                side is another part. Drag a plate, or move it with the arrow keys (Shift: 1 mm) and turn it with R.
            </p>
            {trouble && <Trouble title="Not laid">{trouble}</Trouble>}
            {nests.length === 0 && (
                <p className="max-w-prose">No plate to lay: draw one first, and say on it which stock it is cut from.</p>
            )}
            {nests.map((nest) => (
                <section key={nest.stock} aria-label={nest.stock || 'Stock not given'} className="grid gap-4">
                    <h2 className="text-3xl">{nest.stock || 'Stock not given'}</h2>
                    {nest.trouble && <Trouble title="Not laid out">{nest.trouble}</Trouble>}
                    {nest.unplaced.length > 0 && (
                        <Trouble title="No room left">{nest.unplaced.join(', ')}: put another sheet on the rack.</Trouble>
                    )}
                    {nest.sheets.map((sheet) => (
                        <NestedSheet
                            key={`${sheet.sheet} ${sheet.number}`}
                            job={job.id}
                            sheet={sheet}
                            canWork={job.can.work}
                            onLay={lay}
                            onCut={() => void ask('POST', path('nest.cut', { job: job.id, sheet: sheet.sheet, number: sheet.number }), {})}
                        />
                    ))}
                </section>
            ))}
            {job.can.work && isByHand && (
                <Button className="self-start" onClick={() => void ask('DELETE', path('nest.anew', { job: job.id }), {})}>
                    Lay all of them anew
                </Button>
            )}
        </div>
    );
}
