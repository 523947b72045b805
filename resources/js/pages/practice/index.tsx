import { Head, Link, useForm } from '@inertiajs/react';
import type { FormEvent } from 'react';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import { Segmented } from '@/shared/ui/segmented';
import { TopBar } from '@/shared/ui/top-bar';
import type { PracticeRowProps } from '@/types/props';

/** The practice bay: start an exercise, or go on with one. */
export default function PracticePage({ runs, splices }: { runs: PracticeRowProps[]; splices: PracticeRowProps[] }) {
    const form = useForm<{ level: 'apprentice' | 'journeyman' | 'master'; seed: string }>({ level: 'apprentice', seed: '' });
    const submit = (event: FormEvent) => {
        event.preventDefault();
        form.post(path('practice.start'));
    };
    return (
        <div className="min-h-dvh">
            <Head title="Practice bay" />
            <TopBar>
                <h1 className="truncate text-xl sm:border-l sm:border-ink sm:pl-4 sm:text-2xl">Practice bay</h1>
            </TopBar>
            <main className="mx-auto grid max-w-5xl gap-10 px-4 py-8 md:grid-cols-[1fr_1.2fr]">
                <form onSubmit={submit} className="grid content-start gap-4" noValidate>
                    <h2 className="text-3xl">A frame to survey</h2>
                    <p className="text-soft">
                        A made-up frame stands on the bench, bent in a way nobody tells you. Call for readings; a helper takes them, and
                        misreads now and then. Say what is bent and which readings were wrong; then you see the truth.
                    </p>
                    <Segmented
                        label="Level"
                        value={form.data.level}
                        onChange={(level) => form.setData('level', level)}
                        choices={[
                            { value: 'apprentice', label: 'apprentice' },
                            { value: 'journeyman', label: 'journeyman' },
                            { value: 'master', label: 'master' },
                        ]}
                    />
                    <Field
                        label="Number of the frame, to have the same one again"
                        value={form.data.seed}
                        inputMode="numeric"
                        hint="Left empty: a new one."
                        onChange={(event) => form.setData('seed', event.target.value)}
                        error={form.errors.seed}
                    />
                    <Button look="now" type="submit" disabled={form.processing} className="justify-self-start">
                        Start
                    </Button>
                    <h2 className="mt-4 text-3xl">A splice to make</h2>
                    <p className="text-soft">
                        A stretch by its run sheet, with shrinkage nobody tells you and posts that may wind the frame. Order, hold points
                        and the sequence of the root are held against the rules. Level and number as above.
                    </p>
                    <Button
                        disabled={form.processing}
                        className="justify-self-start"
                        onClick={() => form.post(path('practice.splice-start'))}
                    >
                        Start a splice
                    </Button>
                </form>
                <div className="grid content-start gap-8">
                    <Runs
                        title="Your frames so far"
                        what="Frame"
                        counted="readings"
                        runs={runs}
                        to={(run) => path('practice.run', { run })}
                    />
                    <Runs
                        title="Your splices so far"
                        what="Splice"
                        counted="acts"
                        runs={splices}
                        to={(splice) => path('practice.splice', { splice })}
                    />
                </div>
            </main>
        </div>
    );
}

interface RunsProps {
    title: string;
    what: string;
    /** What is counted of each. */
    counted: string;
    runs: PracticeRowProps[];
    to: (id: number) => string;
}

function Runs({ title, what, counted, runs, to }: RunsProps) {
    return (
        <section aria-label={title}>
            <h2 className="mb-2 text-2xl">{title}</h2>
            {runs.length === 0 ? (
                <p className="border-y border-line py-4 text-soft">None yet.</p>
            ) : (
                <ul className="border-t border-ink">
                    {runs.map((run) => (
                        <li key={run.id} className="border-b border-line">
                            <Link href={to(run.id)} className="grid min-h-12 grid-cols-[1fr_auto] items-center gap-4">
                                <span>
                                    <b className="font-semibold">
                                        {what} {run.seed}
                                    </b>
                                    , {run.level}, {run.readings} {counted}, {run.at}
                                </span>
                                <span className="font-head text-xl font-semibold">
                                    {run.score === null ? 'go on' : `${run.score} of 100`}
                                </span>
                            </Link>
                        </li>
                    ))}
                </ul>
            )}
        </section>
    );
}
