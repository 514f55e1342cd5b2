import type { Outcome } from '../records';
import { itemAt } from '../units/item-at';

/** All outcomes of a fit note, from under and spoils to over and spoils. */
const OUTCOMES: readonly Outcome[] = [-3, -2, -1, 0, 1, 2, 3];

/**
 * The outcome of a fit note from where it lies and how much of it there is.
 *
 * @param direction below 0 under, 0 right, above 0 over; only its sign counts
 * @param degree 1 slight, 2 clear, 3 spoils
 * @throws RangeError for any other degree
 * @example outcomeOf(-1, 2) // -2
 */
export const outcomeOf = (direction: number, degree: number): Outcome => itemAt(OUTCOMES, 3 + Math.sign(direction) * degree);
