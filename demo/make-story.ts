// npm run demo: writes the story of the demo household, and the lists of its shops beside it.
import { writeFileSync } from 'node:fs';
import { tell } from './telling/tell';

const { story, lists } = tell();
/** A chapter a line, so that what changes can be read. */
const { chapters, ...head } = story;
const lines = chapters.map((chapter) => JSON.stringify(chapter)).join(',\n');
writeFileSync('demo/story.json', `${JSON.stringify(head).slice(0, -1)},"chapters":[\n${lines}\n]}\n`);
writeFileSync('demo/shop-lists.json', `${JSON.stringify(lists)}\n`);
