import { readConfig } from '../config';
import { restoreBook } from '../db/copies';
import { Unfit } from '../db/unfit';
import { said } from './said';

// npm run restore -- FILE [--force]: a copy in the place of the book; what was there is set aside whole. The server must be stopped.
said(async () => {
  const { dataFolder } = readConfig(process.env, []);
  const given = process.argv.slice(2);
  const force = given.includes('--force');
  const copy = given.find((one) => one !== '--force');
  if (!copy) throw new Unfit('Which copy?', 'npm run restore -- FILE [--force]');
  const aside = await restoreBook(dataFolder, copy, { force });
  console.log(`The copy is in place. What was there before: ${aside}`);
});
