import { inUnit } from '@/shared/lib/in-unit';
import { doubtWords, rivalWords } from '@/features/survey/lib/words';
import { useUnits } from '@/shared/hooks/units';
import { Button } from '@/shared/ui/button';
import type { ReadingProps, RivalProps } from '@/types/props';

interface Props {
    doubtful: ReadingProps[];
    rivals: RivalProps[];
    readings: ReadingProps[];
    chosen: string | null;
    others: number;
    canWork: boolean;
    canStrike: boolean;
    onChoose: (reading: ReadingProps) => void;
    onAgain: (reading: ReadingProps) => void;
    onStrike: (reading: ReadingProps) => void;
    onDecide: (rival: RivalProps) => void;
}

/** The readings that the others contradict; one of them open, with what probably went wrong and what one can do about it. */
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
    rivals,
    readings,
    others,
    canWork,
    canStrike,
    onAgain,
    onStrike,
    onDecide,
}: Omit<Props, 'doubtful' | 'chosen' | 'onChoose'> & { reading: ReadingProps }) {
    const { unit, denominator } = useUnits();
    const rival = rivals.find((one) => one.suspect === reading.id);
    const cause = reading.causes[0];
    return (
        <>
            <p className="leading-snug">{doubtWords(reading, others, unit)}</p>
            {cause && <p className="mt-1 leading-snug font-medium">{inUnit(cause.text, unit)}</p>}
            {rival && <p className="mt-1 leading-snug">{rivalWords(rival, readings, unit, denominator)}</p>}
            <div className="mt-1 mb-1.5 flex flex-wrap gap-2">
                {canWork && rival && (
                    <Button onClick={() => onDecide(rival)} aria-label={`Take the deciding reading for ${reading.number}`}>
                        Take {rival.call}
                    </Button>
                )}
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
