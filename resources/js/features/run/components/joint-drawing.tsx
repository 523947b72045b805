import type { RailHeatProps, ZoneProps } from '@/types/props';

interface Props {
    zones: ZoneProps[];
    heats: RailHeatProps[];
    chosen: string;
    onChoose: (zone: string) => void;
}

const FACES = ['top', 'web', 'bottom'] as const;

/** Both rails about the joint, each unfolded: a zone is picked on it where no list can be read. */
export function JointDrawing({ zones, heats, chosen, onChoose }: Props) {
    const ends = [...new Set(zones.map((zone) => zone.id.split('-')[1] ?? ''))];
    const warm = new Map(heats.flatMap((heat) => heat.zones).map((zone) => [zone.id, zone]));
    return (
        <div role="group" aria-label="Zones of the joint" className="mt-2 grid gap-2">
            {['left', 'right'].map((side) => (
                <div key={side} className="grid grid-cols-[4.5rem_1fr] items-stretch border border-ink">
                    <span className="content-center px-2 text-sm text-soft">{side} rail</span>
                    <div className="grid" style={{ gridTemplateColumns: `repeat(${ends.length}, 1fr)` }}>
                        {FACES.map((face) =>
                            ends.map((end) => {
                                const id = `${side}-${end}-${face}`;
                                const zone = warm.get(id);
                                return (
                                    <button
                                        key={id}
                                        type="button"
                                        aria-pressed={chosen === id}
                                        aria-label={zones.find((one) => one.id === id)?.label}
                                        onClick={() => onChoose(id)}
                                        className={`border-l border-line text-sm tabular-nums ${face === 'web' ? 'min-h-16 border-y' : 'min-h-11'} ${chosen === id ? 'bg-ink text-paper' : ''}`}
                                    >
                                        {end === 'joint' ? '' : `${end} `}
                                        {face === 'web' ? 'web' : `${face === 'top' ? 'upper' : 'lower'} flange`}
                                        {zone && ` ${zone.temperature.toFixed(0)} °C`}
                                    </button>
                                );
                            }),
                        )}
                    </div>
                </div>
            ))}
        </div>
    );
}
