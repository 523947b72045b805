import { Head, Link } from '@inertiajs/react';
import { SpliceBench } from '@/features/practice/components/splice-bench';
import { UnitProvider, useUnits } from '@/shared/hooks/units';
import { path } from '@/shared/lib/path';
import { TopBar } from '@/shared/ui/top-bar';
import { UnitSwitch } from '@/shared/ui/unit-switch';
import type { PracticeSpliceProps } from '@/types/props';

export default function PracticeSplicePage({ splice }: { splice: PracticeSpliceProps }) {
    return (
        <UnitProvider job={-1} units="mm" denominator={32}>
            <Page splice={splice} />
        </UnitProvider>
    );
}

function Page({ splice }: { splice: PracticeSpliceProps }) {
    const { unit, setUnit } = useUnits();
    return (
        <div className="min-h-dvh">
            <Head title={`Splice ${splice.seed}`} />
            <TopBar>
                <h1 className="min-w-0 truncate text-xl sm:border-l sm:border-ink sm:pl-4 sm:text-2xl">Splice {splice.seed}</h1>
                <p className="flex-1 truncate text-soft max-sm:hidden">{splice.level}</p>
                <UnitSwitch unit={unit} onChange={setUnit} />
                <Link href={path('practice')} className="flex min-h-11 items-center underline underline-offset-4">
                    Practice bay
                </Link>
            </TopBar>
            <SpliceBench key={splice.id} initial={splice} />
        </div>
    );
}
