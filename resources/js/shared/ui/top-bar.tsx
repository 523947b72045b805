import { Link, router, usePage } from '@inertiajs/react';
import { useState, type ReactNode } from 'react';
import { path } from '@/shared/lib/path';
import { applyTheme, storedTheme } from '@/shared/lib/theme';
import { Menu, MenuItem } from '@/shared/ui/menu';

/** The strip along the top of every screen: where one is, and who. */
export function TopBar({ children }: { children?: ReactNode }) {
    const { user } = usePage().props;
    const [theme, setTheme] = useState(storedTheme);
    const change = () => {
        const next = theme === 'dark' ? 'light' : 'dark';
        applyTheme(next);
        setTheme(next);
    };
    return (
        <header className="no-print flex min-h-14 items-center gap-x-3 border-b border-ink bg-bench px-3 sm:gap-x-4 sm:px-5">
            <Link href={path('jobs')} className="flex min-h-11 items-center font-head text-lg font-semibold tracking-[0.12em] sm:text-2xl">
                GEODEX
            </Link>
            <div className="flex min-w-0 flex-1 items-center gap-x-3 sm:gap-x-4">{children}</div>
            {user && (
                <Menu
                    label={
                        <>
                            <span className="max-sm:sr-only">{user.name}</span>
                            <span aria-hidden className="text-xl sm:hidden">
                                ☰
                            </span>
                        </>
                    }
                >
                    <p className="px-4 py-2 text-sm text-soft">
                        {user.workshop}
                        <br />
                        {user.role}
                        <br />
                        Geodex {user.version}
                    </p>
                    <MenuItem onSelect={() => router.visit(path('instruments'))}>Instruments</MenuItem>
                    <MenuItem onSelect={() => router.visit(path('tools'))}>Quick tools</MenuItem>
                    <MenuItem onSelect={() => router.visit(path('practice'))}>Practice bay</MenuItem>
                    <MenuItem onSelect={change}>{theme === 'dark' ? 'Light, for the shop' : 'Dark, for the office'}</MenuItem>
                    <MenuItem onSelect={() => router.visit(path('account'))}>My account</MenuItem>
                    {user.canSetUpWorkshop && <MenuItem onSelect={() => router.visit(path('people'))}>People</MenuItem>}
                    {user.canSetUpWorkshop && <MenuItem onSelect={() => router.visit(path('workshop'))}>Shop settings</MenuItem>}
                    <MenuItem onSelect={() => router.post(path('logout'))}>Log out</MenuItem>
                </Menu>
            )}
        </header>
    );
}
