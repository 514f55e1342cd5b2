import type { RefObject } from 'react';

/** Files that may hold a whole ledger. */
export const LEDGER_FILES = 'application/zip,.zip,application/json,.json';

/** A file of this machine, chosen by its own dialog. */
export function ChooseFile({
  id,
  label,
  accept,
  disabled,
  field,
  onFile,
}: {
  id: string;
  label: string;
  accept: string;
  disabled?: boolean;
  /** To be emptied once the file was read, so that the same one can be chosen again. */
  field: RefObject<HTMLInputElement | null>;
  onFile: (file: File) => void;
}) {
  return (
    <>
      <label className="sr-only" htmlFor={id}>
        {label}
      </label>
      <input
        id={id}
        ref={field}
        type="file"
        accept={accept}
        disabled={disabled}
        className="max-w-full file:mr-3 file:min-h-[30px] file:cursor-pointer file:rounded-md file:border file:border-solid file:border-ink file:bg-page file:px-3 file:text-ink"
        onChange={(e) => {
          const file = e.target.files?.[0];
          if (file) onFile(file);
        }}
      />
    </>
  );
}
