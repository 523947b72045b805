import { SurveyBench } from '@/features/survey/components/survey-bench';
import { SurveyMenu } from '@/features/survey/components/survey-menu';
import { SurveyNote } from '@/features/survey/components/survey-note';
import { useSurvey } from '@/features/survey/hooks/use-survey';
import { StageShell } from '@/shared/ui/stage-shell';
import type { InstrumentProps, JobProps, SurveyProps } from '@/types/props';

interface Props {
    job: JobProps;
    survey: SurveyProps;
    instruments: InstrumentProps[];
}

/** One survey is one page: another one starts with nothing chosen and nothing typed. */
export default function SurveyPage(props: Props) {
    return <Survey key={`${props.job.id} ${props.job.survey}`} {...props} />;
}

function Survey({ job, survey, instruments }: Props) {
    const live = useSurvey(job.id, job.survey, survey);
    return (
        <StageShell job={job} stage="survey" menu={<SurveyMenu job={job} />} note={<SurveyNote survey={live.survey} />}>
            <SurveyBench job={job} live={live} instruments={instruments} />
        </StageShell>
    );
}
