import { Ask } from '@/shared/ui/ask';
import type { SpliceOptionProps } from '@/types/props';

interface Props {
    options: SpliceOptionProps[];
    chosen: string;
    onChoose: (name: string) => void;
}

/** The ways of joining the rail side by side: what holds first, the kinder to fatigue before the others. */
export function SpliceTable({ options, chosen, onChoose }: Props) {
    const head = 'px-2 py-1 text-right font-medium first:text-left';
    const cell = 'px-2 py-1.5 text-right whitespace-nowrap';
    return (
        <div className="overflow-x-auto">
            <table className="w-full border-collapse">
                <caption className="sr-only">Ways of joining the rail</caption>
                <thead className="text-sm text-soft">
                    <tr className="border-b border-ink">
                        <th className={head}>way</th>
                        <th className={head}>weakest place used to</th>
                        <th className={head}>strength to the rail’s</th>
                        <th className={head}>kinder to fatigue</th>
                        <th className={head}>step in stiffness</th>
                        <th className={head}>mass, both rails</th>
                        <th className={head}>welds a flange</th>
                    </tr>
                </thead>
                <tbody>
                    {options.map((one) => (
                        <tr key={one.name} className={`border-b border-line ${one.name === chosen ? 'bg-wash' : ''}`}>
                            <th scope="row" className="py-1 text-left font-normal">
                                <button
                                    type="button"
                                    className="min-h-11 text-left font-semibold underline decoration-line underline-offset-4"
                                    aria-pressed={one.name === chosen}
                                    onClick={() => onChoose(one.name)}
                                >
                                    {one.label}
                                </button>
                            </th>
                            <td className={`${cell} ${one.holds ? '' : 'font-semibold text-out'}`}>
                                <Ask about="splice">
                                    {one.holds ? '○' : '■'} {Math.round(100 * one.used)} %
                                </Ask>
                            </td>
                            <td className={cell}>{one.ratio === null ? '–' : `${Math.round(100 * one.ratio)} %`}</td>
                            <td className={cell}>{one.rank.toFixed(2)}</td>
                            <td className={cell}>{one.step === 0 ? 'none' : `${Math.round(100 * one.step)} %`}</td>
                            <td className={cell}>{one.mass.toFixed(1)} kg</td>
                            <td className={cell}>{one.weldsFlange ? 'yes' : 'no'}</td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </div>
    );
}
