import { path } from '@/shared/lib/path';
import { PageTabs } from '@/shared/ui/page-tabs';

/** Pages of sheets, in the order of the work. */
const PAGES = [
    { key: 'shafts', label: 'Shafts' },
    { key: 'run-out', label: 'Run-out' },
    { key: 'axles', label: 'Axles' },
    { key: 'links', label: 'Links' },
    { key: 'steering', label: 'Steering' },
    { key: 'weights', label: 'Springs and weights' },
    { key: 'clearance', label: 'Clearance' },
];

/** The pages below the stage Running gear. */
export function GearPages({ job, current }: { job: number; current: string }) {
    const pages = [
        { key: 'driveline', label: 'Driveshaft', href: path('driveline', { job }) },
        ...PAGES.map((page) => ({ ...page, href: path('gear', { job, page: page.key }) })),
        { key: 'old-new', label: 'Old against new', href: path('gear.old-new', { job }) },
        { key: 'papers', label: 'On paper', href: path('gear.papers', { job }) },
    ];
    return <PageTabs label="Pages of the running gear" pages={pages} current={current} />;
}
