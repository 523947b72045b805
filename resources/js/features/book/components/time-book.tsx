import type { JobCostProps, KindTimeProps, RunBookProps } from '@/types/props';

/** Estimate against what steps took. */
export function TimeBook({ book }: { book: RunBookProps }) {
    return (
        <section aria-labelledby="times">
            <h2 id="times" className="text-3xl">
                Time
            </h2>
            <p className="tabular-nums">
                Left: {book.minutesLeft.toFixed(0)} min for one person, {book.longestChain.toFixed(0)} min with people enough.
            </p>
            <p className="max-w-prose text-sm text-soft">
                A step that was begun on the run sheet is timed until it is done. After three of a kind, the shop’s own times correct the
                estimate. What filler, gas and labour cost is worked out on Heat and filler.
            </p>
            <Cost cost={book.cost} />
            <div className="mt-2 grid gap-6 xl:grid-cols-2">
                <Table title="This job" times={book.times} />
                <Table title="The shop" times={book.shopTimes} />
            </div>
        </section>
    );
}

/** What it is expected to cost, and what the steps that were timed have cost; in the shop’s own money. */
function Cost({ cost }: { cost: JobCostProps }) {
    const more = cost.taken - cost.estimatedOfTaken;
    return (
        <dl className="mt-2 grid max-w-[560px] grid-cols-[1fr_auto] gap-x-6 border-y border-line py-2 tabular-nums">
            <dt>Labour of all steps, {cost.rate.toFixed(0)} an hour</dt>
            <dd className="text-right">{cost.labour.toFixed(2)}</dd>
            <dt>Filler and gas, by the sheets that are kept</dt>
            <dd className="text-right">{cost.filler.toFixed(2)}</dd>
            <dt className="font-medium">Estimate</dt>
            <dd className="text-right font-medium">{(cost.labour + cost.filler).toFixed(2)}</dd>
            {cost.taken > 0 && (
                <>
                    <dt>
                        Timed so far, {more > 0 ? '▲ more' : '▼ less'} than the {cost.estimatedOfTaken.toFixed(2)} estimated
                    </dt>
                    <dd className="text-right">
                        {cost.taken.toFixed(2)} ({more > 0 ? '+' : '−'}
                        {Math.abs(more).toFixed(2)})
                    </dd>
                </>
            )}
        </dl>
    );
}

function Table({ title, times }: { title: string; times: KindTimeProps[] }) {
    return (
        <div>
            <h3 className="text-xl">{title}</h3>
            {times.length === 0 ? (
                <p className="text-soft">Nothing was timed yet.</p>
            ) : (
                <table className="w-full tabular-nums">
                    <thead>
                        <tr className="border-b border-ink text-left text-sm">
                            <th>Steps</th>
                            <th className="text-right">timed</th>
                            <th className="pl-3 text-right">estimated, min</th>
                            <th className="pl-3 text-right">taken, min</th>
                            <th className="pl-3 text-right">factor</th>
                        </tr>
                    </thead>
                    <tbody>
                        {times.map((one) => (
                            <tr key={one.kind} className="border-b border-line">
                                <td className="py-1">{one.kind}</td>
                                <td className="text-right">{one.count}</td>
                                <td className="pl-3 text-right">{one.estimated.toFixed(0)}</td>
                                <td className="pl-3 text-right">{one.taken.toFixed(0)}</td>
                                <td className="pl-3 text-right">{one.factor.toFixed(2)}</td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            )}
        </div>
    );
}
