import { createContext } from 'svelte';

export type RackView = 'wall' | 'rack' | 'table';
export type Layer = 'looks' | 'paper' | 'nails';

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

	select(pieceId: string | null): void {
		if (pieceId === this.selected) return;
		this.selected = pieceId;
		this.hook = 0;
		if (pieceId === null) this.flipped = false;
	}
}

export const [getView, setView] = createContext<() => View>();
