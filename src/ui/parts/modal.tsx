'use client';

import { X } from 'lucide-react';
import { Dialog } from 'radix-ui';
import type { KeyboardEvent, ReactNode } from 'react';

const WIDTHS = { false: 'sm:w-[440px]', true: 'sm:w-[640px]', desk: 'sm:w-[min(1200px,96vw)]' } as const;

/** A sheet laid on top of the page: title, content, one way to close. */
export function Modal({
  title,
  onClose,
  children,
  wide = false,
  onKey,
}: {
  title: string;
  onClose: () => void;
  children: ReactNode;
  /** `desk`: as wide as the screen allows, for work with a picture beside its figures. */
  wide?: boolean | 'desk';
  /** Keys that do something anywhere on the sheet; it takes the focus when it opens. */
  onKey?: (event: KeyboardEvent<HTMLElement>) => void;
}) {
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-[oklch(0.2_0.03_255/0.45)]" />
        <Dialog.Content
          aria-describedby={undefined}
          onKeyDown={onKey}
          onOpenAutoFocus={
            onKey &&
            ((e) => {
              e.preventDefault();
              (e.currentTarget as HTMLElement).focus();
            })
          }
          className={`fixed inset-x-0 bottom-0 outline-none z-50 max-h-[92dvh] overflow-y-auto border border-line bg-card p-5 shadow-lift sm:inset-x-auto sm:top-1/2 sm:bottom-auto sm:left-1/2 sm:-translate-x-1/2 sm:-translate-y-1/2 sm:rounded-cut ${WIDTHS[String(wide) as keyof typeof WIDTHS]}`}
        >
          <div className="mb-3 flex items-center gap-3">
            <Dialog.Title className="flex-1 text-xl font-bold">{title}</Dialog.Title>
            <Dialog.Close className="grid size-11 place-items-center rounded-cut hover:bg-wash" aria-label="Close">
              <X aria-hidden="true" />
            </Dialog.Close>
          </div>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
