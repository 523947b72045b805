import { router } from '@inertiajs/react';
import { useEffect, useState } from 'react';

/** Says that a page could not be had, and goes away with the next one that can. */
export function ServerNotice() {
    const [silent, setSilent] = useState(false);
    useEffect(() => {
        const stops = [
            router.on('networkError', (event) => {
                event.preventDefault();
                setSilent(true);
            }),
            router.on('httpException', (event) => {
                if (event.detail.response.status < 500) return;
                event.preventDefault();
                setSilent(true);
            }),
            router.on('success', () => setSilent(false)),
        ];
        return () => stops.forEach((stop) => stop());
    }, []);
    if (!silent) return null;
    return (
        <p role="alert" className="fixed inset-x-0 bottom-0 z-50 border-t-4 border-out bg-paper px-5 py-4 text-lg text-ink">
            <b className="font-semibold">The server or its database does not answer.</b> What is on this screen stays; try again in a
            moment.
        </p>
    );
}
