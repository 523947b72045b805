import { useEffect, useState } from 'react';
import { onStale, type Decision, type Difference } from '@/shared/lib/http';
import { Button } from '@/shared/ui/button';
import { Sheet } from '@/shared/ui/sheet';

interface Asked {
    message: string;
    differences: Difference[];
    answer: (decision: Decision) => void;
}

/** Asks which of two versions is to stand, when somebody else saved first. What was typed stays on the screen below. */
export function StaleSheet() {
    const [asked, setAsked] = useState<Asked | null>(null);
    useEffect(() => onStale((message, differences) => new Promise((answer) => setAsked({ message, differences, answer }))), []);
    const decide = (decision: Decision) => {
        asked?.answer(decision);
        setAsked(null);
    };
    return (
        <Sheet open={asked !== null} onOpenChange={(open) => !open && decide('later')} title="Saved by somebody else meanwhile">
            <p className="mb-4">{asked?.message}</p>
            <div className="mb-4 max-h-[40dvh] overflow-auto" tabIndex={0} role="region" aria-label="Both versions">
                <table className="w-full text-left">
                    <thead>
                        <tr className="border-b border-ink">
                            <th scope="col" className="py-1 pr-3 font-medium">
                                what
                            </th>
                            <th scope="col" className="py-1 pr-3 text-right font-medium">
                                stored now
                            </th>
                            <th scope="col" className="py-1 text-right font-medium">
                                yours
                            </th>
                        </tr>
                    </thead>
                    <tbody>
                        {asked?.differences.map((one) => (
                            <tr key={one.what} className="border-b border-line">
                                <th scope="row" className="py-1 pr-3 font-normal">
                                    {one.what}
                                </th>
                                <td className="py-1 pr-3 text-right tabular-nums">{one.theirs}</td>
                                <td className="py-1 text-right tabular-nums">{one.mine}</td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            </div>
            <div className="flex flex-wrap gap-3">
                <Button onClick={() => window.location.reload()}>Take what is stored</Button>
                <Button onClick={() => decide('mine')}>Save mine over it</Button>
                <Button look="quiet" onClick={() => decide('later')}>
                    Go on editing
                </Button>
            </div>
        </Sheet>
    );
}
