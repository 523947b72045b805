import { Link } from '@inertiajs/react';
import { path } from '@/shared/lib/path';

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
    return (
        <nav aria-label="Pages of the running gear" className="no-print -mx-4 -mt-4 border-b border-line">
            <ol className="flex overflow-x-auto px-2">
                {pages.map((page) => (
                    <li key={page.key}>
                        <Link
                            href={page.href}
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
