import { Head, usePage } from '@inertiajs/react';
import { useState } from 'react';
import { CheckForm } from '@/features/instruments/components/check-form';
import { InstrumentForm } from '@/features/instruments/components/instrument-form';
import { InstrumentRow } from '@/features/instruments/components/instrument-row';
import type { Unit } from '@/shared/lib/format';
import { Button } from '@/shared/ui/button';
import { Sheet } from '@/shared/ui/sheet';
import { TopBar } from '@/shared/ui/top-bar';
import { UnitSwitch } from '@/shared/ui/unit-switch';
import type { InstrumentProps } from '@/types/props';

interface Props {
    instruments: InstrumentProps[];
    canWork: boolean;
    token: { instrument: number; token: string } | null;
}

/** The shop's tools: what each reads, how far it is believed, when it was last checked. */
export default function InstrumentsPage({ instruments, canWork, token }: Props) {
    const { user } = usePage().props;
    const [unit, setUnit] = useState<Unit>('mm');
    const [editing, setEditing] = useState<InstrumentProps | 'new' | null>(null);
    const [checking, setChecking] = useState<number | null>(null);
    const checked = instruments.find((one) => one.id === checking);
    return (
        <div className="min-h-dvh">
            <Head title="Instruments" />
            <TopBar>
                <p className="min-w-0 flex-1 truncate text-soft sm:border-l sm:border-ink sm:pl-4">{user?.workshop}</p>
                <UnitSwitch unit={unit} onChange={setUnit} />
            </TopBar>
            <main className="mx-auto max-w-5xl px-4 py-8">
                <div className="mb-4 flex flex-wrap items-center justify-between gap-4">
                    <h1 className="text-4xl">Instruments</h1>
                    {canWork && (
                        <Button look="now" onClick={() => setEditing('new')}>
                            Add a tool
                        </Button>
                    )}
                </div>
                {instruments.length === 0 ? (
                    <p className="border-y border-line py-6 text-lg">
                        No tool yet. Until one is named and checked, readings are believed as a careful hand with a good tool reads: a tram
                        to ± 2 mm.
                    </p>
                ) : (
                    <ul className="border-t border-ink">
                        {instruments.map((instrument) => (
                            <InstrumentRow
                                key={instrument.id}
                                instrument={instrument}
                                unit={unit}
                                canWork={canWork}
                                token={token?.instrument === instrument.id ? token.token : null}
                                onEdit={() => setEditing(instrument)}
                                onCheck={() => setChecking(instrument.id)}
                            />
                        ))}
                    </ul>
                )}
            </main>
            {editing && (
                <Sheet
                    open
                    onOpenChange={(open) => !open && setEditing(null)}
                    title={editing === 'new' ? 'A tool of the shop' : editing.name}
                >
                    <InstrumentForm instrument={editing === 'new' ? null : editing} onDone={() => setEditing(null)} />
                </Sheet>
            )}
            {checked && (
                <Sheet open onOpenChange={(open) => !open && setChecking(null)} title={`Check ${checked.name}`}>
                    <CheckForm instrument={checked} onDone={() => setChecking(null)} />
                </Sheet>
            )}
        </div>
    );
}
