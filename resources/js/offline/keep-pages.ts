/** Has the browser keep the program, so that it opens without a network. Only where a page comes by https or from this machine. */
export function startWorker(): void {
    if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return;
    navigator.serviceWorker.register('/worker.js').catch(() => {
        // Without it all works but the opening of a page without a network.
    });
}

/** Pages that will be needed without a network. */
export function keepPages(urls: string[], version: string | null): void {
    if (!('serviceWorker' in navigator)) return;
    void navigator.serviceWorker.ready.then((worker) => worker.active?.postMessage({ keep: urls, version }));
}
