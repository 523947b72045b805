import type { NextProps, ReadingProps } from '@/types/props';

/** A bare value belongs to the suggested reading, or to the one that is taken again. */
export function compose(text: string, next: NextProps | null, correcting: ReadingProps | null): string {
    const typed = text.trim();
    const prefix = correcting?.call ?? next?.call;
    const bare = /^[-−+]?(\d|\.\d|[¼½¾⅛⅜⅝⅞])/.test(typed);
    return bare && prefix ? `${prefix} ${typed}` : typed;
}
