import { Dialog as Radix } from 'radix-ui';
import type { ReactNode } from 'react';

interface DialogProps {
  readonly open: boolean;
  readonly onClose: () => void;
  readonly title: string;
  readonly children: ReactNode;
  /** Along the lower edge on small screens, for what is looked up in passing. */
  readonly sheet?: boolean;
  readonly wide?: boolean;
}

export function Dialog({ open, onClose, title, children, sheet = false, wide = false }: DialogProps) {
  const place = sheet
    ? 'inset-x-0 bottom-0 max-h-[70vh] border-t-4'
    : `left-1/2 top-1/2 max-h-[90vh] ${wide ? 'w-[min(94vw,64rem)]' : 'w-[min(94vw,38rem)]'} -translate-x-1/2 -translate-y-1/2 border-t-4`;
  return (
    <Radix.Root open={open} onOpenChange={(next) => (next ? undefined : onClose())}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-40 bg-ink/55" />
        <Radix.Content aria-describedby={undefined} className={`fixed z-50 overflow-auto border-beet bg-paper p-6 shadow-2xl ${place}`}>
          <div className="mb-4 flex items-start justify-between gap-4">
            <Radix.Title className="text-2xl">{title}</Radix.Title>
            <Radix.Close className="min-h-11 px-2 font-semibold underline underline-offset-4">Close</Radix.Close>
          </div>
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
