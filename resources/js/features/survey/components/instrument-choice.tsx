import { Link } from '@inertiajs/react';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { Select } from '@/shared/ui/select';
import type { InstrumentProps, NextProps } from '@/types/props';

interface Props {
    instruments: InstrumentProps[];
    chosen: InstrumentProps | null;
    next: NextProps | null;
    waiting: boolean;
    onChoose: (id: number | null) => void;
    onTake: () => void;
}

/** What one reads with: its last check sets how far a reading is believed. One that speaks hands its readings over itself. */
export function InstrumentChoice({ instruments, chosen, next, waiting, onChoose, onTake }: Props) {
    if (instruments.length === 0) {
        return (
            <p className="text-sm text-soft">
                Read with usual accuracy.{' '}
                <Link href={path('instruments')} className="underline underline-offset-4">
                    Name the shop’s tools
                </Link>{' '}
                to use their own.
            </p>
        );
    }
    const speaks = chosen !== null && (chosen.hasToken || chosen.simulated !== null);
    const fits = chosen === null || next === null || chosen.reads.includes(next.kind);
    return (
        <div className="grid gap-1.5">
            <Select
                inline
                label="Read with"
                value={chosen === null ? '' : String(chosen.id)}
                onChange={(value) => onChoose(value === '' ? null : Number(value))}
                choices={[
                    { value: '', label: 'any tool, usual accuracy' },
                    ...instruments.map((one) => ({ value: String(one.id), label: one.name })),
                ]}
            />
            {chosen?.needsCheck && (
                <p className="border-l-[6px] border-unsure pl-3 text-sm">
                    {chosen.checked === null ? 'Never checked' : `Last checked ${chosen.checked}`}.{' '}
                    <Link href={path('instruments')} className="underline underline-offset-4">
                        Check it against a known length
                    </Link>
                    .
                </p>
            )}
            {speaks && next && (
                <Button onClick={onTake} disabled={waiting || !fits}>
                    {waiting ? 'Waiting for the instrument…' : 'Take reading from instrument'}
                </Button>
            )}
            {speaks && !fits && <p className="text-sm text-soft">It takes no {next?.kind}; press ↓ for another suggestion.</p>}
        </div>
    );
}
