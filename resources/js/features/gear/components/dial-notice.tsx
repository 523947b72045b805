import { useState } from 'react';
import { useDial } from '@/features/gear/hooks/use-dial';
import { Button } from '@/shared/ui/button';
import { Select } from '@/shared/ui/select';
import { Trouble } from '@/shared/ui/trouble';
import type { DialProps, InstrumentProps } from '@/types/props';

interface Props {
    job: number;
    instruments: InstrumentProps[];
    canWork: boolean;
    onUse: (dial: DialProps) => void;
}

/** Readings that came from a dial by itself, and the dial that is listened to. */
export function DialNotice({ job, instruments, canWork, onUse }: Props) {
    const { dial, trouble, listenTo, clear } = useDial(job);
    const [chosen, setChosen] = useState('');
    const choose = (id: string) => {
        setChosen(id);
        if (id !== '') void listenTo(Number(id));
    };
    return (
        <section aria-label="Readings from a dial" className="grid gap-3 border border-line p-4">
            {instruments.length === 0 ? (
                <p className="text-soft">A dial that reads by itself is entered on the page Instruments; its readings then come here.</p>
            ) : (
                canWork && (
                    <Select
                        label="A dial that reads by itself"
                        value={chosen}
                        choices={[
                            { value: '', label: 'none: typed by hand' },
                            ...instruments.map((one) => ({ value: String(one.id), label: one.name })),
                        ]}
                        onChange={choose}
                    />
                )
            )}
            {trouble && <Trouble title="Not done">{trouble}</Trouble>}
            {dial && dial.count > 0 && (
                <>
                    <p role="status">
                        {dial.count} readings at {dial.stations.length} {dial.stations.length === 1 ? 'place' : 'places'} of the shaft
                        {dial.last && `, the last at ${new Date(dial.last).toLocaleTimeString()}`}.
                    </p>
                    {canWork && (
                        <div className="flex flex-wrap gap-3">
                            <Button onClick={() => onUse(dial)}>Put them into a sheet</Button>
                            <Button look="quiet" onClick={() => void clear()}>
                                Throw them away
                            </Button>
                        </div>
                    )}
                </>
            )}
            {dial?.count === 0 && chosen !== '' && <p role="status">Waiting for its first reading.</p>}
        </section>
    );
}
