import { useHotkeys } from '@/shared/hooks/use-hotkeys';

interface Props {
    isFitted: boolean;
    onFit: () => void;
    onZoom: (by: number) => void;
    onTurn?: (() => void) | undefined;
}

const STEP = 1.5;
const look = 'min-h-11 min-w-11 px-2 disabled:opacity-45';

/** The drawing larger, smaller, fitted and turned in space, for whoever has neither wheel nor two fingers free. */
export function ViewKeys({ isFitted, onFit, onZoom, onTurn }: Props) {
    useHotkeys({ f: onFit, '.': () => onZoom(STEP), ',': () => onZoom(1 / STEP) });
    return (
        <div className="no-print absolute right-0 bottom-0 flex items-center bg-dye/80 text-dye-ink" role="group" aria-label="Drawing">
            <button type="button" className={look} onClick={() => onZoom(1 / STEP)} disabled={isFitted} aria-label="Drawing smaller (,)">
                ⊖
            </button>
            <button type="button" className={look} onClick={() => onZoom(STEP)} aria-label="Drawing larger (.)">
                ⊕
            </button>
            <button type="button" className={look} onClick={onFit} disabled={isFitted}>
                Fit
                <span className="sr-only"> (f)</span>
            </button>
            {onTurn && (
                <button type="button" className={look} onClick={onTurn}>
                    In space
                </button>
            )}
        </div>
    );
}
