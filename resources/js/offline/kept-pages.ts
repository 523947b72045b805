/** Pages that can be worked on without a network. */
const PAGES = /^\/jobs\/\d+\/(run|surveys\/[^/]+)$/;

export const PICTURE = /^\/jobs\/\d+\/parts\/photo\/\d+\.jpg$/;

export function isKept(path: string): boolean {
    return PAGES.test(path);
}

/** A page comes as a document, or as the data of one that is open: kept apart, though both have the same address. */
export function keyOf(request: Request): string {
    const url = new URL(request.url);
    return `${url.origin}${url.pathname}${request.headers.has('X-Inertia') ? '?data' : ''}`;
}

/** The page itself, and not the door in its place. */
export function mayBeKept(response: Response): boolean {
    return response.status === 200 && !response.redirected;
}
