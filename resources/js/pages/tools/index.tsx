import { Head, Link } from '@inertiajs/react';
import { TopBar } from '@/shared/ui/top-bar';
import type { ToolProps } from '@/types/props';

/** What can be worked out without a job. */
export default function ToolsPage({ tools }: { tools: ToolProps[] }) {
    const groups = [...new Set(tools.map((tool) => tool.group))];
    return (
        <div className="min-h-dvh">
            <Head title="Quick tools" />
            <TopBar>
                <h1 className="min-w-0 flex-1 truncate text-xl sm:border-l sm:border-ink sm:pl-4 sm:text-2xl">Quick tools</h1>
            </TopBar>
            <main className="mx-auto max-w-3xl px-4 py-8">
                <p className="mb-4 text-soft">Worked out at the bench, without a job. Nothing is kept.</p>
                <nav aria-label="Kinds of tools" className="mb-6 flex flex-wrap gap-x-6">
                    {groups.map((group) => (
                        <a
                            key={group}
                            href={`#${anchor(group)}`}
                            className="inline-flex min-h-11 items-center underline underline-offset-4"
                        >
                            {group}
                        </a>
                    ))}
                </nav>
                {groups.map((group) => (
                    <section key={group} aria-labelledby={anchor(group)} className="mb-8">
                        <h2 id={anchor(group)} className="mb-2 scroll-mt-4 text-3xl">
                            {group}
                        </h2>
                        <ul className="border-t border-ink">
                            {tools
                                .filter((tool) => tool.group === group)
                                .map((tool) => (
                                    <li key={tool.name} className="border-b border-line py-3">
                                        <Link
                                            href={tool.href}
                                            className="inline-flex min-h-11 items-center font-head text-2xl font-semibold underline decoration-line underline-offset-4"
                                        >
                                            {tool.title}
                                        </Link>
                                        <p className="text-soft">{tool.purpose}</p>
                                    </li>
                                ))}
                        </ul>
                    </section>
                ))}
            </main>
        </div>
    );
}

function anchor(group: string): string {
    return group.toLowerCase().replaceAll(' ', '-');
}
