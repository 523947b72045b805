import { useHotkeys } from '@/shared/hooks/use-hotkeys';

const FACTORS = [1, 2, 5, 10, 20, 50, 100];

/** How much deviations are enlarged on the drawing; said on the drawing itself. */
export function Enlarge({ factor, onFactor }: { factor: number; onFactor: (factor: number) => void }) {
    const step = (by: number) => {
        const next = FACTORS[Math.max(0, Math.min(FACTORS.length - 1, FACTORS.indexOf(factor) + by))];
        if (next) onFactor(next);
    };
    useHotkeys({ '+': () => step(1), '-': () => step(-1), '=': () => step(1) });
    return (
        <div className="no-print absolute top-0 right-0 flex items-center" role="group" aria-label="Deviations enlarged">
            <span className="px-1 text-dye-soft">
                deviation <span className="text-dye-ink">× {factor}</span>
            </span>
            <button
                type="button"
                onClick={() => step(-1)}
                className="min-h-11 min-w-11 text-2xl"
                aria-label="Enlarge less"
                disabled={factor === FACTORS[0]}
            >
                −
            </button>
            <button
                type="button"
                onClick={() => step(1)}
                className="min-h-11 min-w-11 text-2xl"
                aria-label="Enlarge more"
                disabled={factor === FACTORS.at(-1)}
            >
                +
            </button>
        </div>
    );
}
