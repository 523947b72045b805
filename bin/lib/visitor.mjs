/** A browser without a screen: keeps its cookies, and times what it asks. */
export class Visitor {
    #cookies = new Map();

    constructor(url) {
        this.url = url;
    }

    async ask(method, path, body, headers = {}) {
        const began = performance.now();
        const response = await fetch(this.url + path, {
            method,
            redirect: 'manual',
            headers: {
                Accept: 'application/json',
                Cookie: [...this.#cookies].map(([name, value]) => `${name}=${value}`).join('; '),
                'X-XSRF-TOKEN': decodeURIComponent(this.#cookies.get('XSRF-TOKEN') ?? ''),
                'X-Requested-With': 'XMLHttpRequest',
                ...headers,
            },
            body,
        });
        const text = await response.text();
        return { response, text, ms: performance.now() - began };
    }

    send(method, path, body) {
        return this.ask(method, path, JSON.stringify(body), { 'Content-Type': 'application/json' });
    }

    async logIn(who) {
        this.#keep(await this.ask('GET', '/login'));
        this.#keep(await this.send('POST', '/login', { email: `${who}@slate-yard.example`, password: 'slate-yard-42' }));
        this.#keep(await this.ask('GET', '/jobs'));
    }

    /** Takes in a job file; the address of its first survey. */
    async newJob(json) {
        const form = new FormData();
        form.append('file', new Blob([json], { type: 'application/json' }), 'made.job.json');
        const { response } = await this.ask('POST', '/jobs/from-file', form);
        const id = /\/jobs\/(\d+)/.exec(response.headers.get('Location') ?? '')?.[1];
        if (!id) throw new Error(`The job was not taken in: ${response.status}`);
        return `/jobs/${id}/surveys/before`;
    }

    #keep({ response }) {
        for (const line of response.headers.getSetCookie()) {
            const [, name, value] = /^([^=]+)=([^;]*)/.exec(line);
            this.#cookies.set(name, value);
        }
    }
}
