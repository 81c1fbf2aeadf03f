import { readFileSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { ensureChromium } from './lib/ensure-chromium.mjs';
import { ensureInstalled } from './lib/ensure-installed.mjs';

/** `npm run icons`: the icon as pictures of the sizes that a home screen asks for, after a change of web/public/icon.svg. */
ensureInstalled();
const svg = readFileSync('web/public/icon.svg').toString('base64');
const browser = await chromium.launch({
  executablePath: ensureChromium(),
  args: ['--no-sandbox', '--disable-gpu', '--no-first-run', '--disable-background-networking'],
});
for (const size of [180, 192, 512]) {
  const page = await browser.newPage({ viewport: { width: size, height: size } });
  await page.setContent(
    `<body style="margin:0"><img width="${size}" height="${size}" src="data:image/svg+xml;base64,${svg}">`,
  );
  await page.locator('img').evaluate((i) => i.decode());
  await page.screenshot({ path: `web/public/icon-${size}.png` });
  await page.close();
}
await browser.close();
