import { workerData } from 'node:worker_threads';
import { vacuumInto } from '../db/copies';

// A thread of the server: the book's copy, and nothing else.
const { book, copy } = workerData as { readonly book: string; readonly copy: string };
vacuumInto(book, copy);
