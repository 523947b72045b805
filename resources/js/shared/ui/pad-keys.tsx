const NUMBERS = ['7', '8', '9', '4', '5', '6', '1', '2', '3', '−', '0', '.'];
const PARTS = ['/2', '/4', '/8', '/16'];

/** A key of a pad, large enough for a glove. */
export const KEY = 'min-h-16 rounded-[3px] border border-ink text-xl font-medium';

/** The keys of every pad: numbers, and the parts of an inch. */
export function PadKeys({ onType }: { onType: (typed: string) => void }) {
    return (
        <>
            <div className="col-span-3 grid grid-cols-3 gap-1.5">
                {NUMBERS.map((number) => (
                    <button
                        key={number}
                        type="button"
                        className={KEY}
                        onClick={() => onType(number)}
                        aria-label={number === '−' ? 'minus' : number === '.' ? 'point' : number}
                    >
                        {number}
                    </button>
                ))}
            </div>
            <div className="grid gap-1.5">
                {PARTS.map((part) => (
                    <button key={part} type="button" className={KEY} onClick={() => onType(part)}>
                        {part}
                    </button>
                ))}
            </div>
        </>
    );
}
