import { useUnits } from '@/shared/hooks/units';
import { say } from '@/shared/lib/say';
import { Link } from '@inertiajs/react';
import { useState } from 'react';
import { FrameDrawing } from '@/shared/drawing/components/frame-drawing';
import { DeviationTable } from '@/features/findings/components/deviation-table';
import { SurveyMenu } from '@/features/survey/components/survey-menu';
import { path } from '@/shared/lib/path';
import { StageShell } from '@/shared/ui/stage-shell';
import { Trouble } from '@/shared/ui/trouble';
import type { JobProps, MovementProps } from '@/types/props';

interface Props {
    job: JobProps;
    movement: MovementProps;
}

/** What moved between two surveys: on the drawing, in sentences, point by point. */
export default function MovementPage(props: Props) {
    return (
        <StageShell
            job={props.job}
            stage="findings"
            menu={<SurveyMenu job={props.job} />}
            note={`${props.movement.later}, held against ${props.movement.earlier}`}
        >
            <Moved {...props} />
        </StageShell>
    );
}

function Moved({ job, movement }: Props) {
    const { unit } = useUnits();
    const [chosen, setChosen] = useState<string | null>(null);
    const [factor, setFactor] = useState(20);
    return (
        <div className="flex min-h-0 flex-1 flex-col lg:flex-row">
            <div className="flex min-h-[320px] min-w-0 flex-1 flex-col">
                <FrameDrawing
                    body={job.body}
                    points={movement.points}
                    axles={movement.axles}
                    chosen={chosen ? [chosen] : []}
                    factor={factor}
                    onFactor={setFactor}
                    onChoose={setChosen}
                    summary={`What moved from ${movement.earlier} to ${movement.later}; the table beside it lists every point.`}
                />
            </div>
            <div
                className="flex min-h-0 flex-col gap-4 border-ink bg-paper p-4 max-lg:border-t lg:w-[600px] relative lg:overflow-y-auto lg:border-l"
                tabIndex={-1}
            >
                <h2 className="text-3xl">What moved since “{movement.earlier}”</h2>
                {movement.trouble ? (
                    <Trouble title="Nothing to compare yet">
                        <p>{movement.trouble.message}</p>
                        <Link
                            className="inline-flex min-h-11 items-center font-medium underline underline-offset-4"
                            href={path('survey', { job: job.id, survey: movement.later })}
                        >
                            Go on reading
                        </Link>
                    </Trouble>
                ) : (
                    <>
                        <ul className="grid gap-1">
                            {movement.texts.length === 0 && <li>Nothing has moved, as far as the two surveys can tell.</li>}
                            {movement.texts.map((text) => (
                                <li key={say(text, 'mm')} className="border-l-[6px] border-out pl-3">
                                    {say(text, unit)}
                                </li>
                            ))}
                        </ul>
                        <p className="text-sm text-soft">
                            Both surveys are laid on the base points, so what shows is movement against those; the uncertainties of both
                            count. One in twenty unmoved coordinates shows as moved by chance.
                        </p>
                        <div className="-mx-4">
                            <DeviationTable
                                from="earlier"
                                points={movement.points.filter((point) => point.deviation)}
                                chosen={chosen}
                                onChoose={setChosen}
                            />
                        </div>
                    </>
                )}
            </div>
        </div>
    );
}
