import { lazy, Suspense } from 'react';
import type { Fabric } from '../../core/records';
import { Button } from '../../ui/button';
import { Dialog } from '../../ui/dialog';
import { useOpened } from '../../ui/use-opened';
import type { Pictured } from './two-pictures';

const TwoPictures = lazy(async () => ({ default: (await import('./two-pictures')).TwoPictures }));

/** Opens the pictures of two makes at one scale; nothing where there are not two. */
export function TwoPicturesButton({ makes, fabrics }: { makes: readonly Pictured[]; fabrics: readonly Fabric[] }) {
  const [open, setOpen] = useOpened(false);
  if (makes.length < 2) return null;
  return (
    <>
      <Button quiet onClick={() => setOpen(true)}>
        Two pictures …
      </Button>
      <Suspense>
        <Dialog wide open={open} onClose={() => setOpen(false)} title="Two pictures at one scale">
          <TwoPictures makes={makes} fabrics={fabrics} />
        </Dialog>
      </Suspense>
    </>
  );
}
