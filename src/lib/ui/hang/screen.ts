import type { Snippet } from 'svelte';
import type { SheetStep } from '../../core/index.ts';
import type { Day } from './day.svelte.ts';

/** What every screen at the wall is given. */
export interface ScreenProps {
	day: Day;
	item: SheetStep;
	/** What is done in one go with it: itself first. */
	group: readonly SheetStep[];
	/** Shows the step after this one. */
	onnext: () => void;
	onback: () => void;
	/** Shows one step by itself. */
	onlook: (id: string) => void;
	/** What is in reach at every step, beside its own buttons. */
	more: Snippet;
}
