/** A button: at least a finger high, with its sign before its words. */
import type { ComponentProps, ReactNode } from 'react';
import styles from './button.module.css';

export interface ButtonProps extends Omit<ComponentProps<'button'>, 'type'> {
  /** main: what one is here for; quiet: without a frame; link: in running text. */
  readonly kind?: 'main' | 'plain' | 'quiet' | 'link';
  readonly icon?: ReactNode;
  readonly isWide?: boolean;
  readonly isLarge?: boolean;
  readonly isRound?: boolean;
  /** It takes no second touch until the first is answered. */
  readonly isBusy?: boolean;
  /** What cannot be taken back. */
  readonly isGrave?: boolean;
  /** Sends the form it stands in. */
  readonly isSubmit?: boolean;
}

export function Button(props: ButtonProps) {
  const {
    kind = 'plain',
    icon,
    isWide,
    isLarge,
    isRound,
    isBusy = false,
    isGrave,
    isSubmit,
    className,
    ...rest
  } = props;
  const { children, disabled, ...others } = rest;
  return (
    <button
      {...others}
      type={isSubmit ? 'submit' : 'button'}
      className={className ? `${styles.button} ${className}` : styles.button}
      data-kind={kind}
      data-wide={isWide ? '' : undefined}
      data-large={isLarge ? '' : undefined}
      data-round={isRound ? '' : undefined}
      data-grave={isGrave ? '' : undefined}
      disabled={disabled === true || isBusy}
      aria-busy={isBusy || undefined}
    >
      {icon ? (
        // The words say it all: a sign is not read out beside them.
        <span aria-hidden="true" className={styles.sign}>
          {icon}
        </span>
      ) : null}
      {icon && children ? <span>{children}</span> : children}
    </button>
  );
}
