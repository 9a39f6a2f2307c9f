import { readConfig } from '../config';
import { restoreBook } from '../db/copies';
import { Unfit } from '../db/unfit';
import { said } from './said';

// npm run restore -- FILE: a copy in the place of the book; what was there is set aside whole. The server must be stopped.
said(async () => {
  const { dataFolder } = readConfig(process.env, []);
  const copy = process.argv[2];
  if (!copy) throw new Unfit('Which copy?', 'npm run restore -- FILE');
  const aside = await restoreBook(dataFolder, copy);
  console.log(`The copy is in place. What was there before: ${aside}`);
});
