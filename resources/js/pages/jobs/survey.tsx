import { SurveyBench } from '@/features/survey/components/survey-bench';
import { SurveyMenu } from '@/features/survey/components/survey-menu';
import { SurveyNote } from '@/features/survey/components/survey-note';
import { useSurvey } from '@/features/survey/hooks/use-survey';
import { StageShell } from '@/shared/ui/stage-shell';
import type { JobProps, SurveyProps } from '@/types/props';

export default function SurveyPage({ job, survey }: { job: JobProps; survey: SurveyProps }) {
    const live = useSurvey(job.id, job.survey, survey);
    return (
        <StageShell job={job} stage="survey" menu={<SurveyMenu job={job} />} note={<SurveyNote survey={live.survey} />}>
            <SurveyBench key={job.survey} job={job} live={live} />
        </StageShell>
    );
}
