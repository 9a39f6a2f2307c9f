import { readConfig } from '../config';
import { backUp } from '../db/copies';
import { said } from './said';

// npm run backup [-- FILE]: the whole book into one file, while people work.
said(() => {
  const { dataFolder } = readConfig(process.env, []);
  console.log(`Copied and read through: ${backUp(dataFolder, process.argv[2])}`);
});
