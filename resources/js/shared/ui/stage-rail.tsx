import { Link, router } from '@inertiajs/react';
import { Menu, MenuItem } from '@/shared/ui/menu';
import type { StageProps } from '@/types/props';

/** The job as a rail with stations: filled diamond done, ring open, tick waiting; the current one is marked out. A narrow screen shows it with its neighbours, and a list of all. */
export function StageRail({ stages, current }: { stages: StageProps[]; current: string }) {
    const at = stages.findIndex((stage) => stage.key === current);
    // At either end its neighbours lie to one side.
    const from = Math.max(0, Math.min(at - 1, stages.length - 3));
    return (
        <nav aria-label="Stages of the job" className="no-print shrink-0 border-line bg-bench max-md:border-b md:w-[112px] md:border-r">
            <ol className="relative flex max-md:hidden md:flex-col md:py-6">
                <span aria-hidden className="absolute top-8 bottom-8 left-[15px] w-px bg-ink" />
                {stages.map((stage) => (
                    <li key={stage.key} className="relative">
                        <Station stage={stage} here={stage.key === current} className="min-h-[60px] gap-3 px-2 text-lg" />
                    </li>
                ))}
            </ol>
            <div className="flex md:hidden">
                <ol className="flex min-w-0 flex-1">
                    {stages.slice(from, from + 3).map((stage) => (
                        <li key={stage.key} className="min-w-0 flex-1">
                            <Station
                                stage={stage}
                                here={stage.key === current}
                                className="min-h-12 flex-col justify-center px-0.5 text-base leading-tight"
                            />
                        </li>
                    ))}
                </ol>
                <Menu label={`All ${stages.length}`}>
                    {stages.map((stage) => (
                        <MenuItem key={stage.key} onSelect={() => router.visit(stage.href)}>
                            {stage.label}
                            <span className="text-soft">, {stage.key === current ? 'here' : stage.state}</span>
                        </MenuItem>
                    ))}
                </Menu>
            </div>
        </nav>
    );
}

function Station({ stage, here, className }: { stage: StageProps; here: boolean; className: string }) {
    return (
        <Link
            href={stage.href}
            aria-current={here ? 'page' : undefined}
            className={`flex items-center font-head font-semibold focus-visible:-outline-offset-4 ${className} ${here ? 'bg-now text-now-ink' : stage.state === 'waiting' ? 'text-soft' : ''}`}
        >
            <svg width={16} height={16} viewBox="-8 -8 16 16" aria-hidden className="shrink-0">
                {here ? (
                    <path d="M-8 0H8" stroke="currentColor" strokeWidth={3} />
                ) : stage.state === 'done' ? (
                    <path d="M0-6 6 0 0 6-6 0z" fill="var(--ink)" />
                ) : stage.state === 'open' ? (
                    <circle r={5} fill="var(--bench)" stroke="var(--ink)" strokeWidth={1.6} />
                ) : (
                    <path d="M-6 0H6" stroke="var(--soft)" strokeWidth={1.6} />
                )}
            </svg>
            {stage.label}
            <span className="sr-only">{here ? '' : `, ${stage.state}`}</span>
        </Link>
    );
}
