import { useState, type FormEvent } from 'react';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import type { CoatingProps } from '@/types/props';

interface Coating {
    place: string;
    what: string;
    closed: string;
}

interface Props {
    coatings: CoatingProps[];
    canWork: boolean;
    onAdd: (coating: Coating) => Promise<boolean>;
    onRemove: (place: string) => void;
}

const NONE: Coating = { place: '', what: '', closed: '' };

/** Which surface is coated with what, and what closes it afterwards. */
export function CoatingMap({ coatings, canWork, onAdd, onRemove }: Props) {
    const [coating, setCoating] = useState(NONE);
    const put = (name: keyof Coating) => (event: { target: { value: string } }) => setCoating({ ...coating, [name]: event.target.value });
    const add = (event: FormEvent) => {
        event.preventDefault();
        void onAdd(coating).then((stored) => stored && setCoating(NONE));
    };
    return (
        <section aria-labelledby="coatings" className="max-w-[860px]">
            <h2 id="coatings" className="text-3xl">
                Coating map
            </h2>
            <p className="text-sm text-soft">
                A surface is coated before it is closed. Solvents and wax burn: nothing is coated before the last weld near it is cold.
            </p>
            {coatings.length > 0 && (
                <div className="mt-2 overflow-x-auto">
                    <table className="w-full">
                        <thead>
                            <tr className="border-b border-ink text-left text-sm">
                                <th>Surface</th>
                                <th>With</th>
                                <th>Closed by</th>
                                <th>State</th>
                            </tr>
                        </thead>
                        <tbody>
                            {coatings.map((one) => (
                                <tr key={`${one.place} ${one.what}`} className="border-b border-line">
                                    <td className="py-2 pr-3">{one.place}</td>
                                    <td className="pr-3">{one.what || '–'}</td>
                                    <td className="pr-3">{one.closed || 'stays open'}</td>
                                    <td>
                                        {one.isOwn ? (
                                            canWork && (
                                                <Button
                                                    look="quiet"
                                                    onClick={() => onRemove(one.place)}
                                                    aria-label={`Take ${one.place} off the map`}
                                                >
                                                    Take it off
                                                </Button>
                                            )
                                        ) : one.isCoated ? (
                                            '■ coated'
                                        ) : one.isClosed ? (
                                            <b className="font-semibold">✕ closed uncoated</b>
                                        ) : (
                                            '□ not yet'
                                        )}
                                    </td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                </div>
            )}
            {canWork && (
                <form
                    onSubmit={add}
                    className="mt-3 grid items-end gap-3 sm:grid-cols-[2fr_2fr_2fr_auto]"
                    noValidate
                    aria-label="Another surface"
                >
                    <Field label="Surface" maxLength={120} value={coating.place} onChange={put('place')} />
                    <Field label="Coated with" maxLength={120} value={coating.what} onChange={put('what')} />
                    <Field label="Closed by what, or when" maxLength={120} value={coating.closed} onChange={put('closed')} />
                    <Button type="submit" className="min-h-14" disabled={coating.place.trim() === '' || coating.what.trim() === ''}>
                        Put it on the map
                    </Button>
                </form>
            )}
        </section>
    );
}
