import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/react';
import { ChevronDown, ChevronRight } from 'lucide-react';
import type { ReactNode } from 'react';

/** A part of a form that folds. What is in it is said beside its head, so that a closed one hides nothing. */
export function Fold({ head, said, open = false, children }: { head: string; said?: string; open?: boolean; children: ReactNode }) {
  return (
    <Disclosure as="section" defaultOpen={open}>
      {({ open: isOpen }) => (
        <>
          <h2 className="text-head">
            <DisclosureButton className="flex min-h-8 w-full items-center gap-1 border-t border-rule text-left hover:bg-tint max-sm:min-h-11">
              {isOpen ? <ChevronDown size={15} aria-hidden className="shrink-0" /> : <ChevronRight size={15} aria-hidden className="shrink-0" />}
              <span className="shrink-0">{head}</span>
              {said && <span className="ml-2 min-w-0 truncate font-sans text-small text-ink2">{said}</span>}
            </DisclosureButton>
          </h2>
          <DisclosurePanel className="pt-1 pb-2">{children}</DisclosurePanel>
        </>
      )}
    </Disclosure>
  );
}
