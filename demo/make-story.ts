// npm run demo: writes the story of the demo household, and the lists of its shops beside it.
import { writeFileSync } from 'node:fs';
import { listsText, storyText } from './telling/story-text';
import { tell } from './telling/tell';

const { story, lists } = tell();
writeFileSync('demo/story.json', storyText(story));
writeFileSync('demo/shop-lists.json', listsText(lists));
