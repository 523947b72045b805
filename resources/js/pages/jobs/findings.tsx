import { Link } from '@inertiajs/react';
import { useState } from 'react';
import { FrameDrawing } from '@/shared/drawing/components/frame-drawing';
import { DeviationTable } from '@/features/findings/components/deviation-table';
import { FindingList } from '@/features/findings/components/finding-list';
import { FitBanner } from '@/features/findings/components/fit-banner';
import { PullPlan } from '@/features/findings/components/pull-plan';
import { ChartDoubts } from '@/features/survey/components/chart-doubts';
import { Progress } from '@/features/survey/components/progress';
import { SurveyMenu } from '@/features/survey/components/survey-menu';
import { SurveyNote } from '@/features/survey/components/survey-note';
import { useSurvey } from '@/features/survey/hooks/use-survey';
import { path } from '@/shared/lib/path';
import { StageShell } from '@/shared/ui/stage-shell';
import { Trouble } from '@/shared/ui/trouble';
import type { JobProps, SurveyProps } from '@/types/props';

interface Props {
    job: JobProps;
    survey: SurveyProps;
}

export default function FindingsPage(props: Props) {
    return <Findings key={`${props.job.id} ${props.job.survey}`} {...props} />;
}

function Findings({ job, survey: initial }: Props) {
    const { survey } = useSurvey(job.id, job.survey, initial);
    const [chosen, setChosen] = useState<string | null>(null);
    const [factor, setFactor] = useState(20);
    return (
        <StageShell job={job} stage="findings" menu={<SurveyMenu job={job} />} note={<SurveyNote survey={survey} />}>
            <div className="flex min-h-0 flex-1 flex-col lg:flex-row">
                <div className="flex min-h-[320px] min-w-0 flex-1 flex-col">
                    <FrameDrawing
                        body={job.body}
                        points={survey.points}
                        axles={survey.axles}
                        chosen={chosen ? [chosen] : []}
                        factor={factor}
                        onFactor={setFactor}
                        onChoose={setChosen}
                        revision={survey.revision}
                        summary="The measured frame over its chart; the table beside it lists every point."
                    />
                </div>
                <div
                    className="flex min-h-0 flex-col gap-4 border-ink bg-paper p-4 max-lg:border-t lg:w-[600px] relative lg:overflow-y-auto lg:border-l"
                    tabIndex={-1}
                >
                    {survey.fit && <FitBanner fit={survey.fit} findings={survey.trouble ? [] : survey.findings} />}
                    <ChartDoubts doubts={survey.doubts} job={job.id} />
                    {survey.trouble ? (
                        <Trouble title="Nothing to judge yet">
                            <p>{survey.trouble.message}</p>
                            <Link
                                className="inline-flex min-h-11 items-center font-medium underline underline-offset-4"
                                href={path('survey', { job: job.id, survey: job.survey })}
                            >
                                Go on reading
                            </Link>
                        </Trouble>
                    ) : (
                        <section aria-labelledby="meaning">
                            <h2 id="meaning" className="mb-2 text-2xl">
                                What it means together
                            </h2>
                            <FindingList findings={survey.findings} points={survey.points} isTold={survey.explanations.length < 2} />
                        </section>
                    )}
                    <PullPlan pulls={survey.pulls} held={survey.held} />
                    <Progress progress={survey.progress} />
                    <section aria-labelledby="points" className="-mx-4">
                        <h2 id="points" className="mb-1 px-4 text-2xl">
                            Point by point
                        </h2>
                        <DeviationTable points={survey.points} chosen={chosen} onChoose={setChosen} />
                    </section>
                </div>
            </div>
        </StageShell>
    );
}
