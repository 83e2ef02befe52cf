/** Which page of the answer is open: other parts of the bench lead there. */
import { create } from 'zustand';

export const detailsPages = ['Why', 'Mix', 'Care', 'After', 'Ruled out'] as const;
export type DetailsPage = (typeof detailsPages)[number];

export const useDetails = create<{ readonly page: DetailsPage }>()(() => ({ page: 'Why' }));

export const showDetails = (page: DetailsPage): void => useDetails.setState({ page });
