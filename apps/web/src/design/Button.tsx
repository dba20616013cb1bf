import type { ButtonHTMLAttributes, ReactNode } from 'react';
import { Link, type LinkProps } from 'react-router';

type Kind = 'main' | 'plain' | 'quiet';

const BASE =
  'inline-flex min-h-11 items-center justify-center gap-2 rounded-sm px-4 py-2 font-semibold leading-tight disabled:cursor-not-allowed disabled:opacity-55';
const KINDS: Readonly<Record<Kind, string>> = {
  main: 'bg-beet text-white hover:bg-ink',
  plain: 'border-2 border-ink bg-tile text-ink hover:bg-wash',
  quiet: 'text-ink underline decoration-2 underline-offset-4 hover:bg-wash px-2',
};

export interface ButtonProps extends ButtonHTMLAttributes<HTMLButtonElement> {
  readonly kind?: Kind;
  readonly busy?: boolean;
  readonly children: ReactNode;
}

/** A button. While `busy` it says so and takes no second press. */
export function Button({ kind = 'plain', busy = false, className = '', children, disabled, type = 'button', ...rest }: ButtonProps) {
  return (
    <button
      type={type}
      className={`${BASE} ${KINDS[kind]} ${className}`}
      disabled={disabled || busy}
      aria-busy={busy || undefined}
      {...rest}
    >
      {busy ? 'One moment …' : children}
    </button>
  );
}

/** A button that is an icon; its label is what it says to those who cannot see it, and on hovering. */
export function IconButton({ label, className = '', ...rest }: ButtonHTMLAttributes<HTMLButtonElement> & { label: string }) {
  return (
    <button
      type="button"
      aria-label={label}
      title={label}
      className={`flex size-11 shrink-0 items-center justify-center hover:bg-wash disabled:opacity-30 aria-pressed:bg-ink aria-pressed:text-white ${className}`}
      {...rest}
    />
  );
}

/** A link that looks like a button, for going somewhere. */
export function ButtonLink({ kind = 'plain', className = '', ...rest }: LinkProps & { kind?: Kind }) {
  return <Link className={`${BASE} no-underline ${KINDS[kind]} ${className}`} {...rest} />;
}

/** A plain link to a file, that looks like a button. */
export function DownloadLink({ href, children }: { href: string; children: ReactNode }) {
  return (
    <a className={`${BASE} no-underline ${KINDS.plain}`} href={href} download>
      {children}
    </a>
  );
}
