import { useRef } from 'react';
import { Button } from '@/shared/ui/button';

interface Props {
    title: string;
    source: string;
    pdf: string;
    note: string;
    /** Other files to take along. */
    more?: { label: string; href: string }[];
}

/** Sheets of paper on screen, to be printed or taken as PDF. */
export function PaperFrame({ title, source, pdf, note, more = [] }: Props) {
    const frame = useRef<HTMLIFrameElement>(null);
    return (
        <>
            <div className="no-print flex flex-wrap items-center gap-3 border-b border-ink bg-paper px-4 py-2">
                <Button look="now" onClick={() => frame.current?.contentWindow?.print()}>
                    Print
                </Button>
                <a href={pdf} className="inline-flex min-h-11 items-center rounded-[3px] border border-ink px-4 font-medium">
                    PDF
                </a>
                {more.map((file) => (
                    <a
                        key={file.href}
                        href={file.href}
                        className="inline-flex min-h-11 items-center rounded-[3px] border border-ink px-4 font-medium"
                    >
                        {file.label}
                    </a>
                ))}
                <p className="text-soft">{note}</p>
            </div>
            <iframe ref={frame} src={source} title={title} className="min-h-[70dvh] w-full flex-1 bg-bench" />
        </>
    );
}
