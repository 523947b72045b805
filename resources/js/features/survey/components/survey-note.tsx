import type { SurveyProps } from '@/types/props';

/** How long the log is, and who else is in it. */
export function SurveyNote({ survey }: { survey: SurveyProps }) {
    return (
        <>
            {survey.readings.length} {survey.readings.length === 1 ? 'reading' : 'readings'}
            {survey.against === 'mirror' && ' · held against its own mirror image'}
            {survey.present.length > 0 && <> · here too: {survey.present.join(', ')}</>}
        </>
    );
}
