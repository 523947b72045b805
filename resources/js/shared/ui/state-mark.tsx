export type PointState = 'in' | 'out' | 'unsure' | 'unmeasured';

export const STATE_WORDS: Record<PointState, string> = { in: 'within', out: 'out', unsure: 'undecided', unmeasured: 'not read' };

/** The four states, told by shape: ring within tolerance, dashed ring with a dot undecided, solid square out, cross not read. */
export function StateShape({ state, size = 5 }: { state: PointState; size?: number }) {
    switch (state) {
        case 'in':
            return <circle r={size * 0.8} fill="var(--mark-ground)" stroke="var(--mark-in)" strokeWidth={2} />;
        case 'unsure':
            return (
                <>
                    <circle r={size} fill="var(--mark-ground)" stroke="var(--mark-unsure)" strokeWidth={1.8} strokeDasharray="3 2.2" />
                    <circle r={1.6} fill="var(--mark-unsure)" />
                </>
            );
        case 'out':
            return <rect x={-size} y={-size} width={2 * size} height={2 * size} fill="var(--mark-out)" />;
        case 'unmeasured':
            return (
                <path
                    d={`M${-size} ${-size}L${size} ${size}M${-size} ${size}L${size} ${-size}`}
                    stroke="var(--mark-none)"
                    strokeWidth={1.6}
                    fill="none"
                />
            );
    }
}

const ON_PAPER = {
    '--mark-ground': 'transparent',
    '--mark-in': 'var(--ink)',
    '--mark-unsure': 'var(--unsure)',
    '--mark-out': 'var(--out)',
    '--mark-none': 'var(--soft)',
};

/** The shape with its word, for tables and strips. */
export function StateMark({ state, word = true, says = STATE_WORDS[state] }: { state: PointState; word?: boolean; says?: string }) {
    const tone = state === 'out' ? 'text-out' : state === 'unsure' ? 'text-unsure' : state === 'unmeasured' ? 'text-soft' : '';
    return (
        <span className={`inline-flex items-center gap-1.5 whitespace-nowrap ${tone}`}>
            <svg width={14} height={14} viewBox="-7 -7 14 14" style={ON_PAPER as React.CSSProperties} aria-hidden>
                <StateShape state={state} />
            </svg>
            <span className={word ? '' : 'sr-only'}>{says}</span>
        </span>
    );
}
