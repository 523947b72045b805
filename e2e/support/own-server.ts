import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect } from '@playwright/test';

/** A server of a journey's own in front of the shared database, to be killed and started again. */
export class OwnServer {
    private process: ChildProcess | null = null;

    private constructor(
        readonly url: string,
        private readonly port: number,
    ) {}

    static async start(): Promise<OwnServer> {
        const port = await freePort();
        const server = new OwnServer(`http://127.0.0.1:${port}`, port);
        await server.again();
        return server;
    }

    async again(): Promise<void> {
        const folder = mkdtempSync(join(tmpdir(), 'geodex-own-'));
        this.process = spawn('bin/lib/serve', [folder, String(this.port), '2'], {
            detached: true,
            stdio: 'ignore',
        });
        await expect
            .poll(async () => (await fetch(`${this.url}/up`).catch(() => null))?.status, { timeout: 30_000 })
            .toBe(200);
    }

    async kill(): Promise<void> {
        const pid = this.process?.pid;
        if (pid !== undefined) process.kill(-pid, 'SIGTERM');
        this.process = null;
        await expect
            .poll(async () => (await fetch(`${this.url}/up`).catch(() => null))?.status ?? 0, {
                timeout: 15_000,
            })
            .toBe(0);
    }
}

function freePort(): Promise<number> {
    return new Promise((resolve) => {
        const probe = createServer().listen(0, '127.0.0.1', () => {
            const address = probe.address();
            probe.close(() => resolve(typeof address === 'object' && address ? address.port : 0));
        });
    });
}
