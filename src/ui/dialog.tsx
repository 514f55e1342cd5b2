import clsx from 'clsx';
import { Dialog as Base, DialogBackdrop, DialogPanel, DialogTitle } from '@headlessui/react';
import { X } from 'lucide-react';
import type { ReactNode } from 'react';

/** Something that floats over the page: a sheet at the right for reading, or a box in the middle for a question. */
export function Dialog({
  title,
  open,
  onClose,
  side = false,
  wide = false,
  children,
}: {
  title: ReactNode;
  open: boolean;
  onClose: () => void;
  side?: boolean;
  wide?: boolean;
  children: ReactNode;
}) {
  return (
    <Base open={open} onClose={onClose} className="relative z-40">
      <DialogBackdrop className="fixed inset-0 bg-binding/30" />
      <div className={side ? 'fixed inset-0 flex justify-end' : 'fixed inset-0 flex items-start justify-center overflow-y-auto p-6 pt-24 max-sm:p-2'}>
        <DialogPanel
          className={
            side
              ? 'h-full w-[520px] max-w-full overflow-y-auto border-l border-rule2 bg-page p-[22px] shadow-xl'
              : clsx('max-w-full rounded-md border border-rule2 bg-page p-[22px] shadow-xl', wide ? 'w-[760px]' : 'w-[480px]')
          }
        >
          <div className="flex items-start justify-between gap-4">
            <DialogTitle className="font-serif text-xl leading-6">{title}</DialogTitle>
            <button type="button" onClick={onClose} aria-label="Close" className="rounded-md p-1 text-ink2 hover:bg-tint">
              <X size={18} aria-hidden />
            </button>
          </div>
          {children}
        </DialogPanel>
      </div>
    </Base>
  );
}
