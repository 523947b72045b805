import { useState } from 'react';
import { Field } from '@/shared/ui/field';

const TOO_LARGE = 'The file is larger than a job file or chart ever is. Is it the right file?';

interface Props {
    label: string;
    accept: string;
    hint: string;
    error?: string | undefined;
    maxBytes: number;
    onFile: (file: File | null, usable: boolean) => void;
}

/** Chooses a file to send, and says at once if it is too large to be right. */
export function FileField({ label, accept, hint, error, maxBytes, onFile }: Props) {
    const [tooLarge, setTooLarge] = useState(false);
    return (
        <Field
            label={label}
            type="file"
            accept={accept}
            hint={hint}
            error={tooLarge ? TOO_LARGE : error}
            onChange={(event) => {
                const file = event.target.files?.[0] ?? null;
                const usable = file === null || file.size <= maxBytes;
                setTooLarge(!usable);
                onFile(file, usable);
            }}
        />
    );
}
