import type { JobProps, SurveyProps } from '@/types/props';

/** Which survey this is, how long its log is, and who else is in it. */
export function SurveyNote({ job, survey }: { job: JobProps; survey: SurveyProps }) {
    return (
        <>
            survey “{job.survey}” · {survey.readings.length} {survey.readings.length === 1 ? 'reading' : 'readings'}
            {survey.present.length > 0 && <> · here too: {survey.present.join(', ')}</>}
        </>
    );
}
