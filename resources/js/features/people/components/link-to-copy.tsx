import { useState } from 'react';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';

/** A link that is handed over by hand, since the server sends no mail. It is shown once. */
export function LinkToCopy({ link }: { link: { for: string; href: string } }) {
    const [copied, setCopied] = useState(false);
    const copy = async () => {
        await navigator.clipboard.writeText(link.href).then(
            () => setCopied(true),
            () => setCopied(false),
        );
    };
    return (
        <section aria-label={`Link for ${link.for}`} className="grid gap-3 border-2 border-ink p-4">
            <p>
                This server sends no mail: give <b className="font-semibold">{link.for}</b> this link to choose a password. It is shown only
                now, works once, and lets in whoever has it.
            </p>
            <Field label="Link" value={link.href} readOnly onFocus={(event) => event.target.select()} />
            <Button className="justify-self-start" onClick={() => void copy()}>
                {copied ? 'Copied' : 'Copy it'}
            </Button>
        </section>
    );
}
