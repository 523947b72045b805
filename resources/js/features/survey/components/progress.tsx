import type { ReactNode } from 'react';
import { Ask } from '@/shared/ui/ask';
import type { ProgressProps } from '@/types/props';

/** How much of the frame is settled and what is still to read, in words and as a bar of a rule. */
export function Progress({ progress, children }: { progress: ProgressProps; children?: ReactNode }) {
    const share = (part: number) => `${(100 * part) / Math.max(1, progress.coordinates)}%`;
    return (
        <div>
            <p>
                {progress.settled} of {progress.coordinates} coordinates settled{progress.toGo === null ? '' : '; '}
                {progress.toGo !== null && (
                    <Ask about="toGo" className="font-semibold">
                        {progress.toGo === 0
                            ? 'nothing more to read'
                            : `${progress.toGo} ${progress.toGo === 1 ? 'reading' : 'readings'} to go`}
                    </Ask>
                )}
                <span className="text-soft">
                    {progress.out > 0 && `, ${progress.out} out`}
                    {progress.undecided > 0 && `, ${progress.undecided} undecided`}
                    {progress.unread > 0 && `, ${progress.unread} not read`}
                    {progress.tooClose > 0 && `, ${progress.tooClose} too close to their tolerance to call`}
                </span>
            </p>
            <svg className="mt-1 block h-3 w-full" aria-hidden>
                <rect width="100%" height="100%" fill="var(--line)" />
                <rect width={share(progress.settled + progress.undecided)} height="100%" fill="var(--soft)" opacity={0.5} />
                <rect width={share(progress.settled)} height="100%" fill="var(--ink)" />
            </svg>
            {children}
        </div>
    );
}
