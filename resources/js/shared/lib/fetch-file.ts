import { token } from '@/shared/lib/http';

/** Asks for a file and hands it to the browser to be saved; what went wrong, or null. */
export async function fetchFile(url: string, body: unknown): Promise<string | null> {
    try {
        const response = await fetch(url, {
            method: 'POST',
            headers: {
                Accept: 'application/json',
                'Content-Type': 'application/json',
                'X-XSRF-TOKEN': token(),
                'X-Requested-With': 'XMLHttpRequest',
            },
            body: JSON.stringify(body),
        });
        if (!response.ok) return ((await response.json().catch(() => ({}))) as { message?: string }).message ?? 'No file came.';
        const link = document.createElement('a');
        link.href = URL.createObjectURL(await response.blob());
        link.download = /filename="([^"]+)"/.exec(response.headers.get('Content-Disposition') ?? '')?.[1] ?? 'drawing';
        link.click();
        setTimeout(() => URL.revokeObjectURL(link.href), 60_000);
        return null;
    } catch {
        return 'The server does not answer.';
    }
}
