import { path } from '@/shared/lib/path';
import { PageTabs } from '@/shared/ui/page-tabs';
import { gearPages } from '@/types/words';

/** The pages below the stage Running gear. */
export function GearPages({ job, current }: { job: number; current: string }) {
    const pages = [
        { key: 'driveline', label: 'Driveshaft', href: path('driveline', { job }) },
        ...gearPages.filter((page) => !page.isOfRunSheet).map((page) => ({ ...page, href: path('gear', { job, page: page.key }) })),
        { key: 'old-new', label: 'Old against new', href: path('gear.old-new', { job }) },
        { key: 'papers', label: 'On paper', href: path('gear.papers', { job }) },
    ];
    return <PageTabs label="Pages of the running gear" pages={pages} current={current} />;
}
