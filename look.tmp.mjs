import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
const script = process.argv[2];
const { default: run } = await import(script);
const data = mkdtempSync(join(tmpdir(), 'look-'));
const env = { ...process.env, DAGBOEK_DATA: data, DAGBOEK_PORT: '0', DAGBOEK_WEB: 'web/dist' };
if (!process.argv.includes('--own')) Object.assign(env, { DAGBOEK_DEMO: '1', DAGBOEK_NOW: '2026-09-12T14:20:00+01:00' });
const child = spawn(process.execPath, ['server/dist/main.js'], { env, stdio: ['ignore', 'pipe', 'inherit'] });
const url = await new Promise((r) => child.stdout.on('data', (d) => { const u = /http:\S+(?=\/\s)/.exec(String(d))?.[0]; if (u) r(u); }));
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'] });
const open = async ({ phone = false, night = false, size } = {}) => {
  const context = await browser.newContext({ viewport: size ?? (phone ? { width: 390, height: 844 } : { width: 1280, height: 800 }), hasTouch: phone, locale: 'en-GB' });
  await context.addInitScript((t) => localStorage.setItem('dagboek.theme', t), night ? 'dagboek-night' : 'dagboek');
  const page = await context.newPage();
  page.setDefaultTimeout(12000);
  page.on('pageerror', (e) => console.log('PAGEERROR', e.message));
  return page;
};
const shot = (page, name, full = false) => page.screenshot({ path: `/tmp/w/shots/${name}.png`, fullPage: full });
try { await run({ url, open, shot }); } catch (e) { console.error(e); }
await browser.close(); child.kill(); rmSync(data, { recursive: true, force: true });
