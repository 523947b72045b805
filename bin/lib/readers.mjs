// Four people who read a frame while the server is killed under them: each sends its reading again under the same id until it is told stored.
import { appendFileSync, existsSync, readFileSync } from 'node:fs';
import { Visitor } from './visitor.mjs';

const [url, told, stop] = process.argv.slice(2);
const rest = (ms) => new Promise((done) => setTimeout(done, ms));

/** Tries until it answers; nobody is there for a moment after each kill. */
async function untilAnswered(ask) {
    for (;;) {
        const answer = await ask().catch(() => null);
        if (answer && answer.response.status < 500 && answer.response.status !== 419) return answer;
        await rest(150);
    }
}

const visitor = new Visitor(url);
await visitor.logIn('technician');
const job = readFileSync('database/demo/mobile-library.job.json', 'utf8');
const surveys = [];
for (let i = 0; i < 4; i++) surveys.push(await visitor.newJob(job.replace(/"title": *"[^"]*"/, `"title": "Kills ${i}"`)));

await Promise.all(
    surveys.map(async (at, person) => {
        for (let n = 0; !existsSync(stop); n++) {
            const id = `kill-${person}-${n}`;
            const body = { id, call: `AL BR ${(1213 + (n % 9) / 10).toFixed(1)}`, unit: 'mm' };
            const { response } = await untilAnswered(() => visitor.send('POST', `${at}/readings`, body));
            if (response.status === 200) appendFileSync(told, `${id}\n`);
            await rest(60);
        }
    }),
);
