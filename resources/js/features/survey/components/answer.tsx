import { doubtWords, readingName, valueWords } from '@/shared/lib/words';
import { useUnits } from '@/shared/hooks/units';
import { formatDeviation, type Unit } from '@/shared/lib/format';
import type { ReadingProps } from '@/types/props';

export type Said =
    { state: 'stored'; reading: ReadingProps; others: number } | { state: 'refused'; message: string } | { state: 'told'; message: string };

/** What was typed in another unit than is shown, or with a shouted remainder: "16 3/8 in = ". */
function saidBack(reading: ReadingProps, unit: Unit): string {
    const other = reading.quantity === 'length' && (!reading.typed.endsWith(` ${unit}`) || /strong|light/.test(reading.typed));
    return other ? `${reading.typed} = ` : '';
}

/** What became of the last thing typed: stored and agrees, stored but doubtful, or not understood and why. */
export function Answer({ said, busy }: { said: Said | null; busy: boolean }) {
    const { unit, denominator } = useUnits();
    return (
        <div aria-live="polite" className="min-h-7 text-[15px]" data-testid="answer">
            {busy && <p className="animate-late text-soft">Storing…</p>}
            {!busy && said?.state === 'told' && <p>{said.message}</p>}
            {!busy && said?.state === 'refused' && (
                <p className="border-l-[6px] border-out pl-3">
                    <b className="font-semibold text-out">Not stored.</b> {said.message}
                </p>
            )}
            {!busy && said?.state === 'stored' && (
                <p>
                    <b className="font-semibold">Stored {said.reading.number}.</b> {readingName(said.reading)}{' '}
                    <span className="whitespace-nowrap">
                        {saidBack(said.reading, unit)}
                        {valueWords(said.reading.value, said.reading.quantity, unit, denominator)}
                    </span>
                    {said.reading.state === 'agrees' && said.reading.off !== null && said.reading.quantity === 'length' && (
                        <>
                            , agrees (off {formatDeviation(said.reading.off, unit)} {unit}).
                        </>
                    )}
                    {said.reading.state === 'agrees' && said.reading.quantity === 'angle' && ', agrees.'}
                    {said.reading.state === 'questioned' && ', but one of several readings is wrong: see below.'}
                    {said.reading.state === 'unchecked' && ', no other reading checks it yet.'}
                    {said.reading.state === 'alone' && ', waits for more readings.'}
                    {said.reading.state === 'doubtful' && (
                        <>
                            , but <b className="font-semibold text-out">does not fit</b>: {doubtWords(said.reading, said.others, unit)}
                        </>
                    )}
                </p>
            )}
        </div>
    );
}
