import { lazy, Suspense, useState } from 'react';
import type { Fabric } from '../../core/records';
import { Button } from '../../ui/button';
import { Dialog } from '../../ui/dialog';
import type { Pictured } from './two-pictures';

const TwoPictures = lazy(async () => ({ default: (await import('./two-pictures')).TwoPictures }));

/** Opens the pictures of two makes at one scale; nothing where there are not two. */
export function TwoPicturesButton({ makes, fabrics }: { makes: readonly Pictured[]; fabrics: readonly Fabric[] }) {
  const [open, setOpen] = useState(false);
  if (makes.length < 2) return null;
  return (
    <>
      <Button quiet onClick={() => setOpen(true)}>
        Two pictures …
      </Button>
      <Dialog wide open={open} onClose={() => setOpen(false)} title="Two pictures at one scale">
        <Suspense fallback={null}>
          <TwoPictures makes={makes} fabrics={fabrics} />
        </Suspense>
      </Dialog>
    </>
  );
}
