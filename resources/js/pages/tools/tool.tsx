import { Head, Link } from '@inertiajs/react';
import { useEffect, useRef, useState, type FormEvent } from 'react';
import { FieldInputs } from '@/shared/ui/field-inputs';
import { Results } from '@/shared/ui/results';
import { sketches } from '@/shared/sketches';
import { send } from '@/shared/lib/http';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { ToolFiles } from '@/shared/ui/tool-files';
import { TopBar } from '@/shared/ui/top-bar';
import { UnitSwitch } from '@/shared/ui/unit-switch';
import type { ToolProps } from '@/types/props';

/** A quick tool: its fields, its small drawing, and what comes out. */
export default function ToolPage({ tool }: { tool: ToolProps }) {
    const [unit, setUnit] = useState<'mm' | 'in'>('mm');
    const [values, setValues] = useState<Record<string, unknown>>({});
    const [errors, setErrors] = useState<Record<string, string>>({});
    const [result, setResult] = useState<Record<string, unknown> | null>(null);
    const [trouble, setTrouble] = useState<string | null>(null);
    const [busy, setBusy] = useState(false);
    const answer = useRef<HTMLElement>(null);
    // Under a long form the answer would stand where nobody looks.
    useEffect(() => {
        if (result) answer.current?.scrollIntoView({ block: 'start' });
    }, [result]);
    const Sketch = sketches[tool.name];
    const submit = async (event: FormEvent) => {
        event.preventDefault();
        setBusy(true);
        const came = await send<Record<string, unknown>>('POST', path('tool.calculate', { tool: tool.name }), { unit, values });
        setBusy(false);
        const fields = came.state === 'refused' ? came.fields : {};
        setErrors(fields);
        setResult(came.state === 'ok' ? came.body : null);
        setTrouble(came.state === 'ok' || came.state === 'nothing' || Object.keys(fields).length > 0 ? null : came.message);
    };
    return (
        <div className="min-h-dvh">
            <Head title={tool.title} />
            <TopBar>
                <h1 className="min-w-0 flex-1 truncate text-xl sm:border-l sm:border-ink sm:pl-4 sm:text-2xl">{tool.title}</h1>
                <UnitSwitch unit={unit} onChange={setUnit} />
            </TopBar>
            <main className="mx-auto grid max-w-5xl gap-8 px-4 py-8 md:grid-cols-[1fr_1.1fr]">
                <form onSubmit={(event) => void submit(event)} className="grid min-w-0 content-start gap-4" noValidate aria-busy={busy}>
                    <p className="text-soft">
                        {tool.purpose}{' '}
                        <Link href={path('tools')} className="underline underline-offset-4">
                            All quick tools
                        </Link>
                    </p>
                    <FieldInputs fields={tool.fields} unit={unit} values={values} onChange={setValues} errors={errors} />
                    <Button look="now" type="submit" disabled={busy} className="justify-self-start">
                        Work it out
                    </Button>
                </form>
                <section
                    ref={answer}
                    aria-live="polite"
                    aria-label="Answer"
                    className="min-w-0 scroll-mt-4 md:sticky md:top-4 md:self-start"
                >
                    {Sketch && <Sketch result={result} />}
                    {trouble && <p className="mt-4 border-l-[6px] border-out pl-3">{trouble}</p>}
                    {Object.keys(errors).length > 0 && (
                        <p className="mt-4 border-l-[6px] border-out pl-3">Nothing is worked out yet: see what is said under the fields.</p>
                    )}
                    {result ? (
                        <>
                            <Results results={tool.results} values={result} unit={unit} source={tool.source} />
                            {tool.draws && <ToolFiles key={JSON.stringify(values)} tool={tool.name} unit={unit} values={values} />}
                        </>
                    ) : (
                        !trouble && <p className="mt-4 text-soft">Fill in what was measured, and press Enter.</p>
                    )}
                </section>
            </main>
        </div>
    );
}
