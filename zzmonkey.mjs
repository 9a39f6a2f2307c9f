import { chromium } from '@playwright/test';
const seed0 = Number(process.argv[2] ?? 1); const minutes = Number(process.argv[3] ?? 3);
let s = seed0 * 7919 + 13; const rnd = () => ((s = (s * 48271) % 2147483647) / 2147483647);
const b = await chromium.launch({ executablePath: '/usr/bin/chromium-headless-shell' });
const c = await b.newContext({ viewport: { width: [1280, 1024, 390][seed0 % 3], height: 800 } });
const p = await c.newPage();
await p.addInitScript(() => localStorage.setItem('anello.operator', 'RK'));
let last = []; const seen = new Map();
const tell = (kind, text) => { const k = kind + ' ' + text.slice(0, 200); if (!seen.has(k)) { seen.set(k, 1); console.log('!!', k, '\n   at', p.url(), '\n   after', last.slice(-4).join(' | ')); } };
p.on('pageerror', (e) => tell('pageerror', e.message + ' ' + (e.stack ?? '').split('\n')[1]));
p.on('console', (m) => { if (m.type() === 'error' && !/Failed to load/.test(m.text())) tell('console', m.text()); });
p.on('response', (r) => { if (r.status() >= 400) r.text().then((t) => tell('http', r.status() + ' ' + r.request().method() + ' ' + r.url() + ' ' + t.slice(0, 300)), () => 0); });
p.on('dialog', (d) => d.dismiss());
const JOBS = ['j-101', 'j-102', 'j-103', 'j-104', 'j-105', 'j-106', 'j-107', 'j-108', 'j-109', 'j-110', 'j-111', 'j-112'];
const VIEWS = ['part', 'plan', 'way', 'set', 'cut', 'prove', 'record'];
const PLACES = ['/rack', '/new', '/tapers', '/identify', '/machines', '/machines/long-lathe', '/kit', '/kit/new/drills', '/pin-block', '/people', '/book', '/log', '/lost', '/practice'];
const TEXTS = ['', '0', '-3', '1e9', '12.5 mm', '3/4 in', '1:20', '2 deg 30', 'abc', '0.0001', '99999', '74 1/2 thou', '∞', '1 to 13 by 0.5', '20, 25, x', '😀', '5', '30', '0.02', '8 mm'];
const end = Date.now() + minutes * 60000; let acts = 0;
while (Date.now() < end) {
  const to = rnd() < 0.4 ? `/job/${JOBS[Math.floor(rnd() * JOBS.length)]}/${VIEWS[Math.floor(rnd() * VIEWS.length)]}` : PLACES[Math.floor(rnd() * PLACES.length)];
  last.push('go ' + to);
  try { await p.goto('http://127.0.0.1:4712' + to, { timeout: 15000 }); } catch (e) { tell('goto', e.message); continue; }
  await p.waitForTimeout(400);
  for (let i = 0; i < 14 && Date.now() < end; i++) {
    acts++;
    const els = await p.locator('button:visible, a:visible, input:visible, textarea:visible, [role=option]:visible, [role=slider]:visible').all().catch(() => []);
    if (els.length === 0) break;
    const el = els[Math.floor(rnd() * els.length)];
    try {
      const [tag, name] = await el.evaluate((e) => [e.tagName, (e.getAttribute('aria-label') ?? e.textContent ?? '').trim().slice(0, 40) || e.id || e.name || ''], undefined, { timeout: 500 });
      if (tag === 'INPUT' || tag === 'TEXTAREA') {
        const type = await el.getAttribute('type');
        if (type === 'file' || type === 'checkbox' || type === 'radio') continue;
        const t = TEXTS[Math.floor(rnd() * TEXTS.length)];
        last.push(`fill ${name} ${t}`);
        await el.fill(t, { timeout: 700 }).catch(() => el.click({ timeout: 500 }));
        if (rnd() < 0.4) await p.keyboard.press('Enter');
      } else { last.push(`press ${name}`); await el.click({ timeout: 700, noWaitAfter: true }); }
      await p.waitForTimeout(rnd() < 0.3 ? 250 : 60);
    } catch { /* covered or gone */ }
    if (last.length > 60) last = last.slice(-30);
  }
}
console.log('acts', acts, 'kinds of trouble', seen.size);
await b.close();
