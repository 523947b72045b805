import { path } from '@/shared/lib/path';
import { PageTabs } from '@/shared/ui/page-tabs';

/** The pages below the stage Parts. */
export function PartsPages({ job, current }: { job: number; current: string }) {
    return (
        <PageTabs
            label="Pages of the parts"
            current={current}
            pages={[
                { key: 'parts', label: 'Parts', href: path('parts', { job }) },
                { key: 'photo', label: 'From a photograph', href: path('photo', { job }) },
                { key: 'saw', label: 'Cut list', href: path('saw', { job }) },
                { key: 'nest', label: 'On sheets', href: path('nest', { job }) },
            ]}
        />
    );
}
