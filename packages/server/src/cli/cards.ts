import { readConfig } from '../config';
import { openBook } from '../db/open';
import { RackOf } from '../stores/rack';
import { said } from './said';

// npm run cards: works out again what the rack shows of every job. The server must be stopped.
said(async () => {
  const { dataFolder } = readConfig(process.env, []);
  const open = await openBook(dataFolder);
  const { jobs, mended } = await new RackOf(open.book).rebuild();
  await open.close();
  console.log(`${jobs} jobs, ${mended} of them shown otherwise than they were.`);
});
