import { useCountdown } from '@/features/run/hooks/use-countdown';
import type { RailHeatProps, ZoneHeatProps } from '@/types/props';

/** How warm the zones of one rail are estimated to be, which is the coolest, and when each is free. */
export function RailHeat({ heat }: { heat: RailHeatProps }) {
    return (
        <table className="mt-2 w-full max-w-[620px] border-b border-line tabular-nums" aria-label={`Heat of the ${heat.side} rail`}>
            <caption className="text-left text-sm text-soft">
                {heat.side === 'left' ? 'Left' : 'Right'} rail, next run from {heat.limit.toFixed(0)} °C down;{' '}
                {heat.factor === null
                    ? 'an estimate, put it right with a thermometer'
                    : `corrected by a thermometer, ${heat.factor.toFixed(2)} times`}
            </caption>
            <tbody>
                {heat.zones.map((zone) => (
                    <Row key={`${zone.id} ${zone.temperature}`} zone={zone} />
                ))}
            </tbody>
        </table>
    );
}

function Row({ zone }: { zone: ZoneHeatProps }) {
    const left = useCountdown(zone.wait ?? 0);
    return (
        <tr className="border-t border-line">
            <th scope="row" className="py-1 pr-2 text-left font-normal">
                {zone.label.replace(/^\w+ rail, /, '')}
            </th>
            <td className="px-2 text-right whitespace-nowrap">
                {zone.temperature.toFixed(0)} °C{' '}
                <span className="text-soft">
                    ({zone.low.toFixed(0)} to {zone.high.toFixed(0)})
                </span>
            </td>
            <td className="pl-2 font-medium">
                {zone.wait === null
                    ? '◌ too warm for hours'
                    : left > 0
                      ? `◌ wait ${left < 90 ? `${left.toFixed(0)} s` : `${Math.ceil(left / 60)} min`}`
                      : zone.isCoolest
                        ? '◆ free, the coolest'
                        : '◇ free'}
            </td>
        </tr>
    );
}
