/** One current picture of each main view, made from the demo data. */
import { join } from 'node:path';
import { expect, test } from '../application.ts';

const folder = join(import.meta.dirname, '../../docs/screenshots');

const views: readonly { readonly name: string; readonly path: string; readonly ready: string }[] = [
  { name: 'desk', path: '/', ready: 'Kiln shed loan' },
  { name: 'bench', path: '/bench/demo-kiln-shed', ready: 'Does it close?' },
  { name: 'working', path: '/bench/demo-kiln-shed?show=working&way=five-values', ready: 'Solve for PMT' },
  { name: 'exercise', path: '/exercises/demo-kiln-shed', ready: 'What students read' },
  { name: 'answers', path: '/exercises/demo-kiln-shed/answers/demo-bm210?student=demo-k-2102', ready: 'Handed in' },
];

for (const { name, path, ready } of views)
  test(name, async ({ page }) => {
    await page.goto(path);
    await expect(page.getByText(ready).first()).toBeVisible();
    await page.evaluate(() => document.fonts.ready);
    await page.waitForTimeout(300);
    await page.screenshot({ path: join(folder, `${name}.png`) });
  });
