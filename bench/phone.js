/**
 * How a page comes up on a phone: Lighthouse 12 with its simulated mid-range phone and slow 4G, medians of several runs
 * of the four pages a coach opens first. Run by bin/phone, which serves a fresh demo to measure. The phone is taken to be
 * four times slower than this machine, whose speed is told beside the scores (Lighthouse’s benchmark index): compare runs
 * only where it is alike.
 *
 *   node bench/phone.js ADDRESS [RUNS] [PAGE...]
 */
import lighthouse from 'lighthouse';
import { chromium } from 'playwright-core';

const [address = '', runsGiven = '5', ...wanted] = process.argv.slice(2);
if (address === '') throw new Error('usage: node bench/phone.js ADDRESS [RUNS] [PAGE...]');
const runs = Number(runsGiven);
const PORT = 9_333;
/** How often, for each page, a run may be done again that Lighthouse could not finish. */
const SPARE = 2;

const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    `--remote-debugging-port=${String(PORT)}`,
  ],
});

/** Signs in to the demo studio and gives what a browser would send along, with the pages to measure. */
async function demo() {
  const headers = { 'Sec-Fetch-Site': 'same-origin' };
  const entered = await fetch(`${address}/api/account/enter-demo`, { method: 'POST', headers });
  const cookie = (entered.headers.get('set-cookie') ?? '').split(';')[0] ?? '';
  const { circuits } = await (await fetch(`${address}/api/circuits`, { headers: { cookie } })).json();
  return {
    cookie,
    pages: { door: '/door', today: '/today', sheet: `/circuits/${circuits[0].id}`, drills: '/drills' },
  };
}

const median = (numbers) => numbers.toSorted((one, other) => one - other)[Math.floor(numbers.length / 2)];

const { cookie, pages } = await demo();
let worst = 100;
for (const [name, path] of Object.entries(pages)) {
  if (wanted.length > 0 && !wanted.includes(name)) continue;
  const measured = [];
  for (let spare = SPARE; measured.length < runs;) {
    const extraHeaders = name === 'door' ? {} : { Cookie: cookie };
    const found = await lighthouse(address + path, {
      port: PORT,
      logLevel: 'error',
      extraHeaders,
      onlyCategories: ['performance', 'accessibility', 'best-practices', 'seo'],
    });
    const { audits, categories, environment, runtimeError } = found.lhr;
    if (runtimeError) {
      console.log(`${name}: a run that was not finished is done again: ${runtimeError.message}`);
      spare -= 1;
      if (spare < 0) throw new Error(`${name}: Lighthouse does not finish`);
      continue;
    }
    const value = (id) => audits[id].numericValue;
    measured.push({
      score: Math.round(100 * categories.performance.score),
      host: environment.benchmarkIndex,
      blocked: value('total-blocking-time'),
      first: value('first-contentful-paint'),
      largest: value('largest-contentful-paint'),
      index: value('speed-index'),
      shift: value('cumulative-layout-shift'),
      others: ['accessibility', 'best-practices', 'seo'].map((id) => Math.round(100 * categories[id].score)).join('/'),
      named: Object.values(audits)
        .filter(({ score, scoreDisplayMode }) => score !== null && score < 0.9 && scoreDisplayMode !== 'informative')
        .map(({ id }) => id),
    });
  }
  const of = (key) => median(measured.map((one) => one[key]));
  worst = Math.min(worst, of('score'));
  console.log(
    `${name}: performance ${String(of('score'))} (${measured.map(({ score }) => score).join(' ')}), blocked ${String(Math.round(of('blocked')))} ms, ` +
      `first paint ${(of('first') / 1000).toFixed(1)} s, largest ${(of('largest') / 1000).toFixed(1)} s, speed index ${(of('index') / 1000).toFixed(1)} s, ` +
      `shift ${of('shift').toFixed(3)}, host ${String(Math.round(of('host')))}; accessibility/best practices/SEO ${measured[0].others}`,
  );
  if (process.env.NAMED) console.log(`  named: ${measured[0].named.join(', ')}`);
}
await browser.close();
console.log(`worst of the medians: ${String(worst)}`);
