import { useState } from 'react';
import type { Act } from '@/features/practice/components/splice-bench';
import { useUnits } from '@/shared/hooks/units';
import { forAGlove } from '@/shared/lib/for-a-glove';
import { formatDeviation, formatLength } from '@/shared/lib/format';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import type { PracticeSpliceProps } from '@/types/props';

const ACTIONS: Record<string, string> = { 'go-on': '● go on', 'measure-again': '◌ measure again', move: '▲ move it', stop: '✕ stop' };

/** What was read at the hold points, and what can be moved. */
export function SpliceHold({ splice, canAct, onAct }: { splice: PracticeSpliceProps; canAct: boolean; onAct: (act: Act) => void }) {
    const { unit, denominator } = useUnits();
    const [move, setMove] = useState('');
    const [jack, setJack] = useState('');
    const amount = (typed: string) => Number(typed.replace('−', '-').replace(',', '.')) * (unit === 'in' ? 25.4 : 1);
    const isAmount = (typed: string) => typed.trim() !== '' && Number.isFinite(amount(typed));
    return (
        <section aria-labelledby="readings">
            <h2 id="readings" className="text-3xl">
                What you read
            </h2>
            {splice.readings.length === 0 && <p className="text-soft">Nothing yet.</p>}
            <ul>
                {splice.readings.map((one, i) => (
                    <li key={splice.readings.length - i} className="border-t border-line py-2 tabular-nums">
                        <b className="font-semibold">{ACTIONS[one.action]}</b> {one.what}{' '}
                        {one.step === 'posts' ? formatDeviation(one.read, unit) : formatLength(one.read, unit, denominator)} {unit}
                        {one.move !== null && (
                            <span className="block text-sm">
                                {one.step === 'posts' ? 'raise the front left by' : 'best moved by'} {formatDeviation(one.move, unit)}{' '}
                                {unit}
                            </span>
                        )}
                    </li>
                ))}
            </ul>
            {canAct && (
                <div className="mt-2 grid gap-3 sm:grid-cols-2">
                    {(
                        [
                            ['move', 'Open the tack, move it by', move, setMove],
                            ['jack', 'Raise the front left post by', jack, setJack],
                        ] as const
                    ).map(([kind, label, typed, set]) => (
                        <div key={kind} className="flex items-end gap-2">
                            <Field
                                label={`${label}, ${unit}`}
                                className="min-w-0 flex-1"
                                {...forAGlove()}
                                value={typed}
                                onChange={(event) => set(event.target.value)}
                            />
                            <Button
                                disabled={!isAmount(typed)}
                                aria-label={label}
                                onClick={() => {
                                    onAct({ kind, amount: amount(typed) });
                                    set('');
                                }}
                            >
                                Do
                            </Button>
                        </div>
                    ))}
                </div>
            )}
        </section>
    );
}
