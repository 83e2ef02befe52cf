/** Three stones with a root tip: the mark. */
export function CairnMark() {
  return (
    <svg width="30" height="34" viewBox="0 0 30 34" aria-hidden="true">
      <ellipse cx="15" cy="28" rx="13" ry="5" fill="var(--clay)" />
      <ellipse cx="14" cy="19" rx="9.5" ry="4.4" fill="var(--moss)" />
      <ellipse cx="16" cy="11.4" rx="6" ry="3.5" fill="#7d8a7c" />
      <path d="M16 8 C15 5 19 4 18 1" stroke="var(--ink)" strokeWidth="1.8" fill="none" strokeLinecap="round" />
    </svg>
  );
}
