import fc from 'fast-check';
import { MemoryAgain } from './memory-again';

test('whatever is read side by side, each work has the bytes of its own piece', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(fc.uint8Array({ maxLength: 40 }), { maxLength: 12 }), fc.scheduler(), async (pieces, scheduler) => {
      const memory = new MemoryAgain(24);
      const read = pieces.map((piece, i) =>
        memory.lend(new Blob([piece]), async (bytes) => {
          await scheduler.schedule(Promise.resolve(), `piece ${i}`);
          return [...bytes];
        }),
      );
      await scheduler.waitFor(Promise.all(read));
      expect(await Promise.all(read)).toEqual(pieces.map((piece) => [...piece]));
    }),
    { numRuns: 60 },
  );
});

test('one piece after another lies in the same memory; what is larger has its own, and a work that fails gives it back', async () => {
  const memory = new MemoryAgain(10);
  const whereIs = (words: string) => memory.lend(new Blob([words]), (bytes) => Promise.resolve(bytes.buffer.byteLength));
  const held: Uint8Array[] = [];
  await memory.lend(new Blob(['a hem']), (bytes) => Promise.resolve(held.push(bytes)));
  await expect(memory.lend(new Blob(['a yoke']), () => Promise.reject(new Error('torn')))).rejects.toThrow('torn');
  // Read into where the hem was, it is there no more.
  expect(held[0]?.length).toBe(0);
  expect([await whereIs('a seam'), await whereIs('a much longer seam')]).toEqual([10, 18]);
});

test('in a browser that reads into no memory but its own, all the same', async () => {
  const blob = new Blob(['a seam']);
  jest.spyOn(blob, 'stream').mockImplementation(() => {
    throw new TypeError('no such mode');
  });
  expect(await new MemoryAgain(10).lend(blob, (bytes) => Promise.resolve(new TextDecoder().decode(bytes)))).toBe('a seam');
});
