import type { Snippet } from 'svelte';
import type { SheetStep } from '../../core/index.ts';
import type { Day } from './day.svelte.ts';

/** What every screen at the wall is given. */
export interface ScreenProps {
	day: Day;
	item: SheetStep;
	/** Shows the step after this one. */
	onnext: () => void;
	onback: () => void;
	/** What is in reach at every step, beside its own buttons. */
	more: Snippet;
}
