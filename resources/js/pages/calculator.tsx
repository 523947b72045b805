import { inUnit } from '@/shared/lib/in-unit';
import { Head } from '@inertiajs/react';
import { useState, type FormEvent } from 'react';
import { PanelSketch } from '@/features/bench/components/panel-sketch';
import { send } from '@/shared/lib/http';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import { TopBar } from '@/shared/ui/top-bar';
import { UnitSwitch } from '@/shared/ui/unit-switch';
import type { SquareCheckProps } from '@/types/props';

const FIELDS = [
    { key: 'diagonalA', label: 'Diagonal, left front to right rear', hint: '' },
    { key: 'diagonalB', label: 'Diagonal, right front to left rear', hint: '' },
    { key: 'length', label: 'Left rail, front point to rear point', hint: '' },
    { key: 'otherLength', label: 'Right rail, if measured', hint: 'Left empty: presumed as long as the left one.' },
    { key: 'width', label: 'Width at the front, if measured', hint: 'Says how far to bring the rear over with the front held.' },
    {
        key: 'otherWidth',
        label: 'Width at the rear, if measured',
        hint: 'Left empty: presumed as at the front. A trapezoid has equal diagonals too.',
    },
    { key: 'sigma', label: 'A length is good to (one sigma)', hint: 'Left empty: 1 mm, a careful tram.' },
    { key: 'tolerance', label: 'Allowed', hint: 'Left empty: 3 mm, what careful shops hold.' },
] as const;

/** Is it square? From two diagonals alone, without a job. */
export default function CalculatorPage() {
    const [unit, setUnit] = useState<'mm' | 'in'>('mm');
    const [typed, setTyped] = useState<Record<string, string>>({});
    const [errors, setErrors] = useState<Record<string, string>>({});
    const [result, setResult] = useState<SquareCheckProps | null>(null);
    const [trouble, setTrouble] = useState<string | null>(null);
    const submit = async (event: FormEvent) => {
        event.preventDefault();
        const answer = await send<SquareCheckProps>('POST', path('calculator.square'), { ...typed, unit });
        setErrors(answer.state === 'refused' ? answer.fields : {});
        setResult(answer.state === 'ok' ? answer.body : null);
        setTrouble(
            answer.state === 'ok' || answer.state === 'nothing' || Object.keys(answer.state === 'refused' ? answer.fields : {}).length > 0
                ? null
                : answer.message,
        );
    };
    return (
        <div className="min-h-dvh">
            <Head title="Square check" />
            <TopBar>
                <h1 className="min-w-0 flex-1 truncate text-xl sm:border-l sm:border-ink sm:pl-4 sm:text-2xl">Square check</h1>
                <UnitSwitch unit={unit} onChange={setUnit} />
            </TopBar>
            <main className="mx-auto grid max-w-5xl gap-8 px-4 py-8 md:grid-cols-[1fr_1.1fr]">
                <form onSubmit={submit} className="grid content-start gap-4" noValidate>
                    <p className="text-soft">
                        Four points, two on each rail. Square is equal diagonals and equal opposite sides; the difference of the diagonals
                        says which way to pull and how much.
                    </p>
                    {FIELDS.map((field) => (
                        <Field
                            key={field.key}
                            label={`${field.label}, ${unit}`}
                            hint={field.hint || undefined}
                            value={typed[field.key] ?? ''}
                            inputMode="text"
                            autoComplete="off"
                            onChange={(event) => setTyped({ ...typed, [field.key]: event.target.value })}
                            error={errors[field.key]}
                        />
                    ))}
                    <Button look="now" type="submit" className="justify-self-start">
                        Is it square?
                    </Button>
                </form>
                <section aria-live="polite" aria-label="Answer">
                    <PanelSketch rack={result?.rack ?? 0} />
                    {trouble && <p className="mt-4 border-l-[6px] border-out pl-3">{trouble}</p>}
                    {result ? (
                        <div className={`mt-4 border-l-[6px] pl-4 ${result.square ? 'border-ink' : 'border-out'}`}>
                            <h2 className="font-head text-3xl font-semibold">{result.square ? 'Square' : 'Not square'}</h2>
                            <p className="mt-1 text-lg">{inUnit(result.text, unit)}</p>
                            <p className="mt-2 text-sm text-soft">
                                Rack s = (d₁² − d₂²) / (4 l), by Pythagoras twice; ± 1.96 σ from both diagonals.
                            </p>
                        </div>
                    ) : (
                        !trouble && <p className="mt-4 text-soft">Type the two diagonals and the rail, and press Enter.</p>
                    )}
                </section>
            </main>
        </div>
    );
}
