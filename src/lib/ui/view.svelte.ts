import { createContext } from 'svelte';
import type { HintKind } from '$lib/core/index.ts';

export type RackView = 'wall' | 'rack' | 'table';
export type Layer = 'looks' | 'paper' | 'nails';
export type SurveyPart = 'outline' | 'level' | 'made' | 'features' | 'bones' | 'prove';

/** What is selected and which layers are shown; nothing of it is kept. */
export class View {
	selected: string | null = $state(null);
	/** Which of the selected piece's hooks the readout tells. */
	hook = $state(0);
	layer: Layer = $state('looks');
	bones = $state(false);
	/** The selected piece is turned round. */
	flipped = $state(false);
	benchOpen = $state(true);
	/** What stands on the stage in the Rack. */
	rack: RackView = $state('wall');
	/** What the Survey asks about. */
	survey: SurveyPart = $state('outline');
	/** The feature whose facts are open. */
	feature: string | null = $state(null);
	/** The hint in hand, and the tool that a tap on the wall uses. */
	hint: string | null = $state(null);
	tool: HintKind | null = $state(null);

	select(pieceId: string | null): void {
		if (pieceId === this.selected) return;
		this.selected = pieceId;
		this.hook = 0;
		if (pieceId === null) this.flipped = false;
	}
}

export const [getView, setView] = createContext<() => View>();
