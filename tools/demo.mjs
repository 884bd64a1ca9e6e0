// npm run demo: makes demo/story.json and demo/shop-lists.json again from their seeds.
import { ensureBundle, ensureInstalled, run } from './setup.mjs';

ensureInstalled();
run(process.execPath, [await ensureBundle('demo')]);
