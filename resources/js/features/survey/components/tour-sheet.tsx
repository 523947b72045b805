import { usePage } from '@inertiajs/react';
import { readingName } from '@/shared/lib/words';
import { useUnits } from '@/shared/hooks/units';
import { formatLength } from '@/shared/lib/format';
import { Button } from '@/shared/ui/button';
import { Sheet } from '@/shared/ui/sheet';
import type { SurveyProps } from '@/types/props';

interface Props {
    survey: SurveyProps;
    onClose: () => void;
    onFree: ((reading: string) => void) | null;
}

/** The readings still to go in walking order round the frame, and those that cannot be taken. Prints as a list to carry. */
export function TourSheet({ survey, onClose, onFree }: Props) {
    const hides = usePage().props.user?.hidesExpected ?? false;
    const { unit, denominator } = useUnits();
    return (
        <Sheet open onOpenChange={(open) => !open && onClose()} title="Measuring tour">
            {survey.tour === null ? (
                <p>Nothing more to read: what can be settled is settled, and every reading is checked.</p>
            ) : (
                <>
                    <p className="mb-3">
                        {survey.tour.readings.length} {survey.tour.readings.length === 1 ? 'reading' : 'readings'} in walking order, about{' '}
                        {survey.tour.metres.toFixed(0)} m round the frame.
                    </p>
                    <ol className="grid gap-1">
                        {survey.tour.readings.map((next, i) => (
                            <li
                                key={`${next.kind} ${next.points.join(' ')}`}
                                className="grid grid-cols-[2rem_1fr_auto] border-b border-line py-1.5"
                            >
                                <span className="text-soft">{i + 1}</span>
                                <span>{readingName(next)}</span>
                                <span className="text-right text-soft">
                                    {next.expected === null || hides
                                        ? ''
                                        : `about ${formatLength(next.expected, unit, denominator)} ${unit}`}
                                </span>
                            </li>
                        ))}
                    </ol>
                </>
            )}
            {survey.tour !== null && (
                <Button className="no-print mt-3" onClick={() => window.print()}>
                    Print it to carry
                </Button>
            )}
            {survey.blocked.length > 0 && (
                <>
                    <h3 className="mt-5 text-lg">Cannot be taken</h3>
                    <ul className="grid gap-1">
                        {survey.blocked.map((reading) => (
                            <li key={reading} className="flex items-center justify-between border-b border-line">
                                {reading}
                                {onFree && (
                                    <Button look="quiet" onClick={() => onFree(reading)} aria-label={`${reading} can be taken after all`}>
                                        Can be taken
                                    </Button>
                                )}
                            </li>
                        ))}
                    </ul>
                </>
            )}
        </Sheet>
    );
}
