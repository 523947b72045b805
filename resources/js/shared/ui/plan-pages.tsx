import { Link } from '@inertiajs/react';
import { path } from '@/shared/lib/path';

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
        <nav aria-label="Pages of the plan" className="no-print -mx-4 -mt-4 border-b border-line">
            <ol className="flex overflow-x-auto px-2">
                {PAGES.map((page) => (
                    <li key={page.key}>
                        <Link
                            href={path(page.key, { job })}
                            aria-current={page.key === current ? 'page' : undefined}
                            className={`flex min-h-11 items-center px-3 font-head text-lg font-semibold whitespace-nowrap focus-visible:-outline-offset-4 ${page.key === current ? 'border-b-4 border-ink' : 'text-soft'}`}
                        >
                            {page.label}
                        </Link>
                    </li>
                ))}
            </ol>
        </nav>
    );
}
