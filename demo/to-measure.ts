/** A picture of the demo that is ready to be measured in: whose it is, and where the app serves it. */
interface ToMeasure {
  readonly id: string;
  readonly makeId?: string;
  readonly patternId?: string;
  readonly fabricId?: string;
  readonly url: string;
}

/** Taken by the practice camera (`scripts/practice-pictures.mjs`). They are no part of the ledger's text: the app adds them when it opens the demo. */
export const TO_MEASURE: readonly ToMeasure[] = [
  { id: 'picture-to-measure-shirt', makeId: 'make-tidewater-3', url: '/practice/shirt.jpg' },
  { id: 'picture-to-measure-trouser-front', patternId: 'pattern-gangway', url: '/practice/trouser-front.jpg' },
  { id: 'picture-to-measure-remnant', fabricId: 'fabric-seaglass-viscose', url: '/practice/remnant.jpg' },
  { id: 'picture-to-measure-sleeve', patternId: 'pattern-fogbell', url: '/practice/sleeve.jpg' },
];
