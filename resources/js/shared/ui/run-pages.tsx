import { path } from '@/shared/lib/path';
import { PageTabs } from '@/shared/ui/page-tabs';
import { gearPages } from '@/types/words';

/** The pages below the stage Run sheet. */
export function RunPages({ job, current }: { job: number; current: string }) {
    const pages = [
        { key: 'run', label: 'What is next', href: path('run', { job }) },
        { key: 'welds', label: 'Welds', href: path('welds', { job }) },
        ...gearPages.filter((page) => page.isOfRunSheet).map((page) => ({ ...page, href: path('gear', { job, page: page.key }) })),
        { key: 'strip', label: 'Strip and coat', href: path('strip', { job }) },
        { key: 'book', label: 'What it taught', href: path('book', { job }) },
    ];
    return <PageTabs label="Pages of the run sheet" pages={pages} current={current} />;
}
