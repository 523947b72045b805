import type { Unit } from '@/shared/lib/format';

export interface Tick {
    station: number;
    label: string | null;
}

/** Round stations for the ruler: every tenth part a tick, every whole one a number, in either unit. */
export function ticks(from: number, to: number, scale: number, unit: Unit): Tick[] {
    const per = unit === 'mm' ? 1 : 25.4;
    const steps = unit === 'mm' ? [100, 200, 500, 1000, 2000, 5000] : [6, 12, 24, 48, 120];
    const step = steps.find((one) => one * per * scale >= 52) ?? steps[steps.length - 1] ?? 1000;
    const minor = (step * per) / (unit === 'mm' ? 10 : 12);
    const all: Tick[] = [];
    for (let i = Math.ceil(from / minor); i * minor <= to; i++) {
        const whole = i % (unit === 'mm' ? 10 : 12) === 0;
        if (whole || minor * scale > 4) {
            all.push({ station: i * minor, label: whole ? String(Math.round((i * minor) / per)).replace('-', '−') : null });
        }
    }
    return all;
}
