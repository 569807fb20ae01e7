import type { BagItem } from '../../core/index.ts';

/** Under what a thing of a bag is ticked off. @param scope a wall’s id, or nothing for the whole project. */
export const bagKey = (scope: string, { key }: BagItem): string => `${scope}/${key}`;
