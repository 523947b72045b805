import { router } from '@inertiajs/react';
import { formatDeviation, formatLength, type Unit } from '@/shared/lib/format';
import { say } from '@/shared/lib/say';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import type { InstrumentProps } from '@/types/props';

interface Props {
    instrument: InstrumentProps;
    unit: Unit;
    canWork: boolean;
    token: string | null;
    onEdit: () => void;
    onCheck: () => void;
}

/** One tool: what its last check says, and its token where it speaks. */
export function InstrumentRow({ instrument, unit, canWork, token, onEdit, onCheck }: Props) {
    const shown = (size: number) =>
        instrument.angles ? `${size.toFixed(2)}°` : unit === 'mm' ? `${size.toFixed(2)} mm` : `${formatDeviation(size, unit, false)} in`;
    return (
        <li className="grid gap-x-6 gap-y-2 border-b border-line py-4 md:grid-cols-[1fr_auto] md:items-center">
            <div>
                <p className="font-head text-2xl font-semibold">
                    {instrument.name}{' '}
                    <span className="font-sans text-base font-normal text-soft">
                        {instrument.kind.replace('-', ' ')}
                        {instrument.reach !== null && `, reaches ${formatLength(instrument.reach, unit, 32).replace(/\.0$/, '')} ${unit}`}
                        {instrument.simulated && ', simulated'}
                    </span>
                </p>
                {instrument.simulated ? (
                    <p>
                        Stand-in: hides a made-up frame behind the chart of the job. Seed {instrument.simulated.seed}, slop ×{' '}
                        {instrument.simulated.slop}, misreads {Math.round(instrument.simulated.misreads * 100)} %
                        {instrument.simulated.damage && `, ${instrument.simulated.damage}`}.
                    </p>
                ) : (
                    <p>
                        {instrument.needsCheck && <b className="font-semibold text-unsure">? Check due. </b>}
                        {instrument.checked === null
                            ? 'Never checked; believed with usual accuracy.'
                            : `Checked ${instrument.checked}. ${instrument.check ? say(instrument.check, unit) : ''}`}
                        {instrument.sigma !== null && (
                            <span className="text-soft">
                                {' '}
                                σ&nbsp;{shown(instrument.sigma)}, takes {shown(instrument.offset)} off.
                            </span>
                        )}
                    </p>
                )}
                {token && (
                    <p role="status" className="mt-2 border-l-[6px] border-ink pl-3 break-all">
                        Its token, shown this once: <code className="font-mono">{token}</code>
                    </p>
                )}
            </div>
            {canWork && (
                <div className="flex flex-wrap gap-2">
                    {!instrument.simulated && <Button onClick={onCheck}>Check it…</Button>}
                    <Button onClick={() => router.post(path('instruments.token', { instrument: instrument.id }))}>
                        {instrument.hasToken ? 'New token' : 'Token'}
                    </Button>
                    <Button onClick={onEdit}>Change…</Button>
                </div>
            )}
        </li>
    );
}
