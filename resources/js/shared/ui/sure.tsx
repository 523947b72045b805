import { useUnits } from '@/shared/hooks/units';
import { formatDeviation } from '@/shared/lib/format';

/** How sure a number in a table is (half the 95 % interval); beside it, below it on a phone. */
export function Sure({ mm }: { mm: number | null }) {
    const { unit } = useUnits();
    const width = unit === 'mm' ? 'sm:min-w-10.5' : 'sm:min-w-13.5';
    return (
        <span className={`text-sm font-normal text-soft max-sm:block max-sm:text-xs sm:inline-block sm:pl-1 sm:text-left ${width}`}>
            {mm === null ? 'loose' : `± ${formatDeviation(mm, unit, false)}`}
        </span>
    );
}
