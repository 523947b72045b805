import { useUnits } from '@/shared/hooks/units';
import { formatAngle, formatLength } from '@/shared/lib/format';
import { say } from '@/shared/lib/say';
import { Ask } from '@/shared/ui/ask';
import type { LimitProps, ShaftResultProps } from '@/types/props';

const AT = { ride: 'ride height', bump: 'full bump', droop: 'full droop' };

/** What to cut, what engages, what angles and speeds come of it. */
export function ShaftNumbers({ shaft, limits }: { shaft: ShaftResultProps; limits: LimitProps[] }) {
    const { unit, denominator } = useUnits();
    const show = (mm: number) => `${formatLength(mm, unit, denominator)} ${unit}`;
    const share = shaft.criticalSpeed === null ? null : Math.round((100 * shaft.speed) / shaft.criticalSpeed);
    return (
        <div className="grid gap-4">
            <p>
                <span className="text-soft">Tube to {shaft.tubeToCut < 0 ? 'add' : 'cut'}</span>
                <Ask about="tube" className="block text-3xl font-semibold">
                    {show(Math.abs(shaft.tubeToCut))}
                </Ask>
                <span className="block">{say(shaft.saw, unit)}</span>
            </p>
            {shaft.assumed.length > 0 && (
                <ul className="grid gap-1 border-l-[6px] border-unsure pl-3" aria-label="Not given">
                    {shaft.assumed.map((sentence) => (
                        <li key={sentence.code}>{say(sentence, unit)}</li>
                    ))}
                </ul>
            )}
            {shaft.warnings.length > 0 && (
                <ul className="grid gap-1.5" aria-label="Warnings">
                    {shaft.warnings.map((warning) => (
                        <li key={say(warning, 'mm')} className="border-l-[6px] border-out pl-3">
                            {say(warning, unit)}
                        </li>
                    ))}
                </ul>
            )}
            <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Shaft over the travel">
                <table className="w-full border-collapse text-right text-[15px]">
                    <thead className="text-sm text-soft">
                        <tr className="border-b border-ink">
                            <th className="py-1 text-left">at</th>
                            <th className="px-1">length, {unit}</th>
                            <th className="px-1">engaged</th>
                            <th className="px-1">front</th>
                            <th className="px-1">rear</th>
                            <th className="px-1">uncancelled</th>
                        </tr>
                    </thead>
                    <tbody>
                        {shaft.states.map((state) => (
                            <tr key={state.at} className="border-b border-line">
                                <th className="py-2 text-left">{AT[state.at]}</th>
                                <td className="px-1">{formatLength(state.length, unit, denominator)}</td>
                                <td className="px-1">
                                    <Ask about="engagement">{formatLength(state.engagement, unit, denominator)}</Ask>
                                </td>
                                <td className="px-1">
                                    <Ask about="joint">{formatAngle(state.frontAngle)}</Ask>
                                </td>
                                <td className="px-1">
                                    <Ask about="joint">{formatAngle(state.rearAngle)}</Ask>
                                </td>
                                <td className="px-1">
                                    <Ask about="residual">{formatAngle(state.residual)}</Ask>
                                </td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            </div>
            <dl className="grid grid-cols-[1fr_max-content] gap-x-4 gap-y-1.5">
                <dt className="text-soft">Left before the slip bottoms</dt>
                <dd className="text-right font-semibold">
                    {shaft.bottomingClearance === null ? 'not checked: no full bump given' : show(shaft.bottomingClearance)}
                </dd>
                <dt className="text-soft">First critical speed</dt>
                <dd className="text-right font-semibold">
                    <Ask about="critical">
                        {shaft.criticalSpeed === null ? 'wall not known' : `${Math.round(shaft.criticalSpeed)} rev/min`}
                    </Ask>
                </dd>
                <dt className="text-soft">Fastest it turns</dt>
                <dd className="text-right font-semibold">
                    {Math.round(shaft.speed)} rev/min{share !== null && `, ${share} %`}
                </dd>
                <dt className="text-soft">Speed variation at the steeper joint</dt>
                <dd className="text-right font-semibold">
                    <Ask about="variation">± {(100 * shaft.speedVariation).toFixed(2)} %</Ask>
                </dd>
            </dl>
            <details>
                <summary className="min-h-11 content-center text-soft">Limits these are held against</summary>
                <ul className="grid gap-2 text-[15px]">
                    {limits.map((limit) => (
                        <li key={limit.label}>
                            {limit.label}: <b className="font-semibold">{limit.said}</b>. {limit.source}
                        </li>
                    ))}
                </ul>
            </details>
            <p className="border border-ink px-3 py-2">
                A shaft that lets go can kill. Weld it true, check it with a dial indicator, have it balanced by a driveline shop, and
                follow the joint maker's limits.
            </p>
        </div>
    );
}
