import { Link } from '@inertiajs/react';
import type { StageProps } from '@/types/props';

/** The job as a rail with stations: filled diamond done, ring open, tick waiting; the current one is marked out. */
export function StageRail({ stages, current }: { stages: StageProps[]; current: string }) {
    return (
        <nav aria-label="Stages of the job" className="no-print shrink-0 border-line bg-bench max-md:border-b md:w-[112px] md:border-r">
            <ol className="relative flex max-md:overflow-x-auto md:flex-col md:py-6">
                <span aria-hidden className="absolute top-8 bottom-8 left-[15px] hidden w-px bg-ink md:block" />
                {stages.map((stage) => {
                    const here = stage.key === current;
                    return (
                        <li key={stage.key} className="relative max-md:flex-1">
                            <Link
                                href={stage.href}
                                aria-current={here ? 'page' : undefined}
                                className={`flex min-h-12 items-center px-2 font-head font-semibold focus-visible:-outline-offset-4 max-md:flex-col max-md:justify-center max-md:px-0.5 max-md:text-base max-md:leading-tight md:min-h-[60px] md:gap-3 md:text-lg ${here ? 'bg-now text-now-ink' : stage.state === 'waiting' ? 'text-soft' : ''}`}
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
                        </li>
                    );
                })}
            </ol>
        </nav>
    );
}
