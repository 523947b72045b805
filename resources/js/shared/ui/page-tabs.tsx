import { Link } from '@inertiajs/react';
import { useEffect, useRef } from 'react';

interface Props {
    label: string;
    pages: { key: string; label: string; href: string }[];
    current: string;
}

/** The pages below a stage; where they do not all find room, the one that is open is in sight. */
export function PageTabs({ label, pages, current }: Props) {
    const list = useRef<HTMLOListElement>(null);
    useEffect(() => {
        const centre = () => {
            const now = list.current?.querySelector('[aria-current]');
            if (!list.current || !now) return;
            const [box, tab] = [list.current.getBoundingClientRect(), now.getBoundingClientRect()];
            list.current.scrollLeft += tab.left - box.left - (box.width - tab.width) / 2;
        };
        centre();
        // Letters are wider once the own ones are there.
        void document.fonts.ready.then(centre);
    }, [current]);
    return (
        <nav aria-label={label} className="no-print -mx-4 -mt-4 border-b border-line">
            <ol ref={list} className="flex overflow-x-auto px-2">
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
