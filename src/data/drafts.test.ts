import { sampleMake } from '../core/garment/sample-case';
import { freshDraft, logDraftName } from '../core/make/log-draft';
import { bringDraftBack, discardDraft, saveDraft, settleDrafts } from './drafts';

/** The browser's storage, as far as drafts use it: its keys are its own. */
class MemoryStorage {
  getItem(key: string): string | null {
    return (this as unknown as Record<string, string>)[key] ?? null;
  }
  setItem(key: string, text: string): void {
    (this as unknown as Record<string, string>)[key] = text;
  }
  removeItem(key: string): void {
    delete (this as unknown as Record<string, string>)[key];
  }
}

const KEY = 'amber-ledger draft ';
let local: MemoryStorage;
beforeEach(() => {
  local = new MemoryStorage();
  Object.assign(globalThis, { localStorage: local, sessionStorage: new MemoryStorage() });
});
const valueOf = (name: string): unknown => (JSON.parse(local.getItem(`${KEY}${name}`) ?? 'null') as { value: unknown } | null)?.value;

describe('drafts are read through their shapes before a page meets them', () => {
  const draft = freshDraft(sampleMake(2));

  test('one of today stands as it is', async () => {
    saveDraft(logDraftName(draft), draft);
    expect(await settleDrafts()).toEqual([]);
    expect(valueOf(logDraftName(draft))).toEqual(draft);
  });

  test('one that the app before wrote has today’s names', async () => {
    const { fabrics: _, ...make } = sampleMake(2);
    const { newFabrics: __, ...rest } = draft;
    const uses = [{ id: 'u', clothId: 'linen', part: 'main' }];
    const older = { ...rest, make: { ...make, cloths: uses }, newCloths: [], verdict: { love: 3, reasons: ['cloth'], sewAgain: 'other cloth' } };
    local.setItem(`${KEY}${logDraftName(draft)}`, JSON.stringify(older));
    local.setItem(`${KEY}verdict make-1`, JSON.stringify({ love: 2, reasons: ['cloth', 'fit'] }));
    expect(await settleDrafts()).toEqual([]);
    expect(valueOf(logDraftName(draft))).toMatchObject({
      make: { fabrics: [{ fabricId: 'linen' }] },
      newFabrics: [],
      verdict: { reasons: ['fabric'], sewAgain: 'other fabric' },
    });
    expect(valueOf('verdict make-1')).toEqual({ love: 2, reasons: ['fabric', 'fit'] });
  });

  test('a row that was begun and says nothing yet does not take the rest with it', async () => {
    const begun = {
      ...draft,
      make: {
        ...draft.make,
        notions: [
          { id: 'a', what: 'zip' },
          { id: 'b', what: '' },
        ],
        cutOn: draft.make.cutOn,
      },
    };
    saveDraft(logDraftName(draft), begun);
    expect(await settleDrafts()).toEqual([]);
    expect(valueOf(logDraftName(draft))).toEqual({ ...draft, make: { ...draft.make, notions: [{ id: 'a', what: 'zip' }] } });
  });

  test.each([
    ['log x', JSON.stringify({ version: 2, value: { make: 'gone' } }), 'a half-logged make'],
    ['look y', '{"version":2,"value":{"seen":{"at":"fir', 'a look at the fit that was not saved'],
    ['timer', JSON.stringify({ version: 2, value: { makeId: 'm', phase: 'daydream', since: 1 } }), 'the running timer'],
    ['of no kind', '1', 'something half typed'],
  ])('what cannot be read goes, and is named: %s', async (name, text, words) => {
    local.setItem(`${KEY}${name}`, text);
    expect(await settleDrafts()).toEqual([words]);
    expect(local.getItem(`${KEY}${name}`)).toBeNull();
  });
});

describe('a draft that was discarded', () => {
  test('comes back whole, once', () => {
    saveDraft('suitcase', { where: 'the coast' });
    discardDraft('suitcase', 100);
    expect(local.getItem(`${KEY}suitcase`)).toBeNull();
    expect(bringDraftBack(50)).toBe(true);
    expect(valueOf('suitcase')).toEqual({ where: 'the coast' });
    expect(bringDraftBack(50)).toBe(false);
  });

  test('waits for what was done after it, and never replaces one begun since', () => {
    saveDraft('suitcase', { where: 'the coast' });
    discardDraft('suitcase', 100);
    expect(bringDraftBack(200)).toBe(false);
    saveDraft('suitcase', { where: 'the hills' });
    expect(bringDraftBack(50)).toBe(false);
    expect(valueOf('suitcase')).toEqual({ where: 'the hills' });
  });
});
