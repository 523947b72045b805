import { path } from '@/shared/lib/path';
import { PageTabs } from '@/shared/ui/page-tabs';

/** The pages of the stage, in the order of the work. */
const PAGES = [
    { key: 'chassis', label: 'Frame' },
    { key: 'cut', label: 'Where to cut' },
    { key: 'plan', label: 'Changes' },
    { key: 'loads', label: 'Loads' },
    { key: 'splice', label: 'Joint' },
    { key: 'mounts', label: 'Mounts' },
    { key: 'after', label: 'What it does' },
    { key: 'papers', label: 'Sheets' },
] as const;

export type PlanPage = (typeof PAGES)[number]['key'];

/** The pages below the stage Plan. */
export function PlanPages({ job, current }: { job: number; current: PlanPage }) {
    return (
        <PageTabs label="Pages of the plan" pages={PAGES.map((page) => ({ ...page, href: path(page.key, { job }) }))} current={current} />
    );
}
