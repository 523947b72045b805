/** How far a part has come: a shape that fills, and a word. */
export const PART_WORDS: Record<string, string> = {
    drawn: 'drawn',
    'first article': 'first one tried',
    released: 'released',
    cut: 'cut',
};

export function PartState({ state, lock = null }: { state: string; lock?: string | null }) {
    return (
        <span className="inline-flex items-center gap-2 whitespace-nowrap">
            <svg width={16} height={16} viewBox="-8 -8 16 16" aria-hidden className="shrink-0">
                <path d="M-6-6H6V6H-6z" fill={state === 'cut' ? 'var(--ink)' : 'none'} stroke="var(--ink)" strokeWidth={1.6} />
                {state === 'first article' && <path d="M-6 6H6V0H-6z" fill="var(--ink)" />}
                {state === 'released' && <path d="M-3 0 -1 3 4-4" fill="none" stroke="var(--ink)" strokeWidth={2} />}
                {lock && <path d="M-6-6 6 6" stroke="var(--ink)" strokeWidth={1.6} />}
            </svg>
            {lock ? 'locked' : (PART_WORDS[state] ?? state)}
        </span>
    );
}
