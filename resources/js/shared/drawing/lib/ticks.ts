import { range, tickStep } from 'd3-array';
import type { Unit } from '@/shared/lib/format';

export interface Tick {
    station: number;
    label: string | null;
}

/** Least distance of two numbers on the sheet (px). */
const APART = 52;
const MINOR_APART = 4;
const FOOT = 12;

/** Round stations for the ruler: every tenth part a tick, every whole one a number; in inches by feet, every twelfth part a tick. */
export function ticks(from: number, to: number, scale: number, unit: Unit): Tick[] {
    const per = unit === 'mm' ? 1 : 25.4;
    const [low, high] = [from / per, to / per];
    const count = Math.max(1, Math.floor(((high - low) * per * scale) / APART));
    // Tape measures count feet and inches, which no decimal step meets.
    const step = unit === 'mm' ? Math.max(100, tickStep(low, high, count)) : feet((high - low) / count);
    const parts = unit === 'mm' ? 10 : FOOT;
    const minor = step / parts;
    return range(Math.ceil(low / minor), Math.floor(high / minor) + 1).flatMap((i) => {
        const whole = i % parts === 0;
        if (!whole && minor * per * scale <= MINOR_APART) return [];
        return [{ station: i * minor * per, label: whole ? String(Math.round(i * minor)).replace('-', '−') : null }];
    });
}

function feet(inches: number): number {
    return inches <= FOOT / 2 ? FOOT / 2 : FOOT * Math.max(1, tickStep(0, inches / FOOT, 1));
}
