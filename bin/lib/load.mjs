// People who read a frame, as many as are asked for: each sends a reading every six seconds and asks for news every two, as a screen does.
import { readFileSync } from 'node:fs';
import { Visitor } from './visitor.mjs';

const option = (name, or) => {
    const at = process.argv.indexOf(`--${name}`);
    return at < 0 ? or : Number(process.argv[at + 1]);
};
const url = process.argv.slice(2).find((word) => word.startsWith('http')) ?? 'http://127.0.0.1:8000';
const seconds = Math.min(60, option('seconds', 60));
const people = option('people', 50);
const READS_EVERY_MS = 6000;
const ASKS_EVERY_MS = 2000;

/** One person logs in; the others are the same person at other screens, which costs the server as much. */
const visitor = new Visitor(url);
const demo = readFileSync('database/demo/mobile-library.job.json', 'utf8');
const newJob = (title) => visitor.newJob(demo.replace(/"title": *"[^"]*"/, `"title": "${title}"`));

/** Where the demo frame really stands, as its own survey says. */
let places = [];

async function survey(at) {
    const { points } = JSON.parse((await visitor.ask('GET', `${at}/state`)).text);
    places = points
        .filter((one) => one.chart && one.deviation)
        .map((one) => [one.id, one.chart.map((mm, axis) => mm + one.deviation[axis])]);
}

/** A tram that the frame really has, with a little noise. */
function reading() {
    for (;;) {
        const [[a, p], [b, q]] = [places, places].map((list) => list[Math.floor(Math.random() * list.length)]);
        if (a === b) continue;
        const mm = Math.hypot(...p.map((one, i) => one - q[i])) + Math.random() * 2 - 1;
        if (mm > 100 && mm < 4000) return `${a} ${b} ${mm.toFixed(1)}`;
    }
}

function quantile(times, q) {
    const sorted = [...times].sort((a, b) => a - b);
    return sorted.length === 0 ? NaN : sorted[Math.min(sorted.length - 1, Math.floor(q * sorted.length))];
}

async function run(name, addresses) {
    const times = { reading: [], news: [] };
    const wrong = {};
    let stopped = false;
    const told = (kind, { response, ms }) => {
        times[kind].push(ms);
        if (response.status >= 400) wrong[response.status] = (wrong[response.status] ?? 0) + 1;
    };
    const rest = (ms) => new Promise((done) => setTimeout(done, ms));
    const person = async (at, i) => {
        let revision = -1;
        let nextReading = performance.now() + (i / addresses.length) * READS_EVERY_MS;
        await rest(Math.random() * ASKS_EVERY_MS);
        while (!stopped) {
            const began = performance.now();
            const news = await visitor.ask('GET', `${at}/state?since=${revision}&present=`).catch(() => null);
            if (news) {
                told('news', news);
                if (news.response.status === 200) revision = JSON.parse(news.text).revision;
            }
            if (performance.now() >= nextReading) {
                nextReading += READS_EVERY_MS;
                const body = { id: `load-${i}-${Date.now()}`, call: reading(), unit: 'mm' };
                const answer = await visitor.send('POST', `${at}/readings`, body).catch(() => null);
                if (answer) {
                    told('reading', answer);
                    if (answer.response.status === 200) revision = JSON.parse(answer.text).survey.revision;
                }
            }
            await rest(Math.max(0, ASKS_EVERY_MS - (performance.now() - began)));
        }
    };
    const all = addresses.map(person);
    await rest(seconds * 1000);
    stopped = true;
    await Promise.all(all);
    for (const kind of ['reading', 'news']) {
        const ms = (q) => `${quantile(times[kind], q).toFixed(0)} ms`;
        const failed = kind === 'reading' ? JSON.stringify(wrong) : '';
        console.log(
            `| ${name} | ${kind} | ${times[kind].length} | ${ms(0.5)} | ${ms(0.95)} | ${Math.max(...times[kind]).toFixed(0)} ms | ${failed} |`,
        );
    }
}

await visitor.logIn('technician');
console.log('| who | asks | how often | median | p95 | slowest | refused, by status |\n| --- | --- | --- | --- | --- | --- | --- |');
const one = await newJob('Load, one survey');
await survey(one);
await run(`${people} people in one survey`, Array(people).fill(one));
const own = [];
for (let i = 0; i < people; i++) own.push(await newJob(`Load, survey ${i + 1}`));
await run(`${people} people, each in their own`, own);
