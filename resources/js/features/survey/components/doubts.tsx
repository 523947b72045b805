import { causeWords } from '@/features/survey/lib/explanation-words';
import { doubtWords } from '@/shared/lib/words';
import { useUnits } from '@/shared/hooks/units';
import { Button } from '@/shared/ui/button';
import type { ReadingProps } from '@/types/props';

interface Props {
    doubtful: ReadingProps[];
    chosen: string | null;
    others: number;
    canWork: boolean;
    canStrike: boolean;
    onChoose: (reading: ReadingProps) => void;
    onAgain: (reading: ReadingProps) => void;
    onStrike: (reading: ReadingProps) => void;
}

/** The readings that are surely wrong; one of them open, with what probably happened and what one can do about it. */
export function Doubts({ doubtful, chosen, onChoose, ...rest }: Props) {
    const open = doubtful.find((reading) => reading.id === chosen) ?? doubtful[0];
    if (!open) return null;
    return (
        <ul className="grid gap-1 border-l-[6px] border-out bg-wash">
            {doubtful.map((reading) => (
                <li key={reading.id} className="px-3 py-1">
                    <button
                        type="button"
                        className="min-h-11 w-full text-left leading-snug focus-visible:-outline-offset-2"
                        aria-expanded={reading === open}
                        onClick={() => onChoose(reading)}
                    >
                        <span className="font-head text-xl font-semibold">Reading {reading.number} does not fit</span>
                        {doubtful.length > 1 && (
                            <span className="float-right" aria-hidden>
                                {reading === open ? '▾' : '▸'}
                            </span>
                        )}
                    </button>
                    {reading === open && <Open reading={reading} {...rest} />}
                </li>
            ))}
        </ul>
    );
}

function Open({
    reading,
    others,
    canWork,
    canStrike,
    onAgain,
    onStrike,
}: Omit<Props, 'doubtful' | 'chosen' | 'onChoose'> & { reading: ReadingProps }) {
    const { unit } = useUnits();
    return (
        <>
            <p className="leading-snug">{doubtWords(reading, others, unit)}</p>
            {reading.causes.length > 0 && <p className="mt-1 leading-snug font-medium">{causeWords(reading.causes, unit)}</p>}
            <div className="mt-1 mb-1.5 flex flex-wrap gap-2">
                {canWork && (
                    <Button onClick={() => onAgain(reading)} aria-label={`Take reading ${reading.number} again`}>
                        Take again
                    </Button>
                )}
                {canStrike && (
                    <Button onClick={() => onStrike(reading)} aria-label={`Strike reading ${reading.number}`}>
                        Strike…
                    </Button>
                )}
            </div>
        </>
    );
}
