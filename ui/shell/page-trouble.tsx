'use client';
import { PageLink } from '../controls/page-link';
import styles from './page-trouble.module.css';
import { Button } from '../controls/button';

/** Shown in place of a page that could not be made, most often because the database does not answer. */
export function PageTrouble({ onRetry }: { readonly onRetry: () => void }) {
  return (
    <div className={styles.trouble} role="alert">
      <h1>This page could not be shown</h1>
      <p>The records cannot be read just now. Nothing was changed, and what you have begun on the bench is kept.</p>
      <p>
        <Button kind="main" onClick={onRetry}>
          Try again
        </Button>
        <PageLink href="/">To the bench</PageLink>
      </p>
    </div>
  );
}
