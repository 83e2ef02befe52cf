/** What a spreadsheet would take for a formula is made text by a mark before it, and the mark is taken off again. */
export const guardedCell = (value: string): string => (/^[=+\-@\t\r]/.test(value) ? `'${value}` : value);

export const unguardedCell = (cell: string): string => cell.replace(/^'(?=[=+\-@\t\r])/, '');
