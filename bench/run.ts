import { benchPosterior } from './posterior';

/** What must hold; a ratio in one run, so that it does not depend on the machine. */
const LEAST_FASTER = 20;
const MOST_APART = 0.02;

const { posteriors, timesFaster, furthest } = await benchPosterior();
console.log(
  `${posteriors} posteriors of 12 versions each: ${timesFaster.toFixed(1)} times faster than the plain grid of 0.02 cm (at least ${LEAST_FASTER}).`,
);
console.log(`Medians at most ${furthest.toFixed(4)} cm apart (at most ${MOST_APART}).`);
if (!(timesFaster >= LEAST_FASTER) || !(furthest <= MOST_APART)) process.exitCode = 1;
