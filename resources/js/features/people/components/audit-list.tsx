import type { AuditEntryProps } from '@/types/props';

/** Who changed people and settings, the latest first. */
export function AuditList({ entries }: { entries: AuditEntryProps[] }) {
    return (
        <section aria-labelledby="audit">
            <h2 id="audit" className="text-3xl">
                Who changed what
            </h2>
            {entries.length === 0 ? (
                <p className="text-soft">Nothing yet.</p>
            ) : (
                <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Who changed what">
                    <table className="w-full">
                        <thead className="text-left text-sm text-soft">
                            <tr className="border-b border-ink">
                                <th className="py-1 pr-3 font-medium">when</th>
                                <th className="pr-3 font-medium">who</th>
                                <th className="pr-3 font-medium">did</th>
                                <th className="font-medium">to</th>
                            </tr>
                        </thead>
                        <tbody>
                            {entries.map((entry) => (
                                <tr key={entry.id} className="border-b border-line">
                                    <td className="py-1 pr-3 whitespace-nowrap tabular-nums">{new Date(entry.at).toLocaleString()}</td>
                                    <td className="pr-3">{entry.who}</td>
                                    <td className="pr-3">{entry.action}</td>
                                    <td>{entry.about}</td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                </div>
            )}
        </section>
    );
}
