// Sees to it that there is a Chromium; by itself, so that it can be fetched beside other things.
import { ensureChromium } from './lib.mjs';

ensureChromium();
