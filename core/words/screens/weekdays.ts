/** Days of the week as they are said and tapped; 0 = Monday, as the case counts them. */
export const weekdayNames = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const;
