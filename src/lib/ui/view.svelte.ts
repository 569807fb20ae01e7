import { createContext } from 'svelte';
import type { Command } from '$lib/store/history.ts';
import { IdeaWishes } from './arrange/idea-wishes.svelte.ts';
import { WHOLE, type Zoom } from './elevation/frame.ts';
import type { Eyes, LayoutIssue, HintKind, Region } from '$lib/core/index.ts';

export type RackView = 'wall' | 'rack' | 'table';
/** What the bench of a piece works on. */
export type RackPart = 'back' | 'piece' | 'weight' | 'look' | 'wire' | 'framing';
export type Layer = 'looks' | 'paper' | 'nails';
export type ArrangeView = 'wall' | 'compare' | 'back' | 'photo' | 'floor';
export type SurveyPart = 'outline' | 'level' | 'made' | 'features' | 'bones' | 'prove';

/** What is selected and which layers are shown; nothing of it is kept. */
export class View {
	selected: string | null = $state(null);
	/** Which of the selected piece's hooks the readout tells. */
	hook = $state(0);
	layer: Layer = $state('looks');
	bones = $state(false);
	/** The wall is shown as its photo has it. */
	photo = $state(false);
	/** The selected piece is turned round. */
	flipped = $state(false);
	benchOpen = $state(true);
	/** How much closer the wall is looked at. */
	zoom: Zoom = $state.raw(WHOLE);
	/** Pieces in one line each, as they are being typed. */
	line = $state('');
	/** What the bench of a piece works on in the Rack. */
	rackPart: RackPart = $state('back');
	/** The bench of a piece takes the focus when it comes. */
	toBench = false;
	/** Something is put right in the midst of a day at the wall. */
	fromWall = $state(false);
	/** What stands on the stage in the Rack. */
	rack: RackView = $state('wall');
	/** What stands on the stage while arranging. */
	arranging: ArrangeView = $state('wall');
	/** Where the wall is looked at from: mm along it, mm away; null for before its middle. */
	stand: { x: number | null; away: number; eyes: Eyes } = $state.raw({
		x: null,
		away: 2438.4,
		eyes: 'standing'
	});
	/** The arrangement that is compared with the one on the wall. */
	compareWith: string | null = $state(null);
	/** The wall as it was at the end of a day, and with which holes, while that is shown. */
	asOfDate: string | null = $state(null);
	/** Holes to fill are shown on the wall. */
	holes = $state(false);
	/** What the Survey asks about. */
	survey: SurveyPart = $state('outline');
	/** The feature whose facts are open. */
	feature: string | null = $state(null);
	/** The hint in hand, and the tool that a tap on the wall uses. */
	hint: string | null = $state(null);
	tool: HintKind | null = $state(null);
	/** The part of the wall taped out for an arrangement. */
	region: Region | null = $state.raw(null);
	/** What is being taped on the wall: a rectangle, an outline by its corners, or a space to keep free. */
	taping: 'region' | 'corners' | 'reserve' | null = $state(null);
	/** Pieces chosen besides the selected one, to be moved together. */
	multiSelection: string[] = $state.raw([]);
	/** The piece in hand that comes from the shelf. */
	carried: string | null = $state(null);
	/** Pieces are being gathered by keys: to look at one does not choose it alone. */
	gathering = $state(false);
	/** The fault that is pointed at. */
	highlightedIssue: LayoutIssue | null = $state.raw(null);

	/** Ideas stay in front though a piece is chosen. */
	ideas = $state(false);
	/** What would hang the idea that was looked at last. */
	look: Command | null = $state.raw(null);
	#wishes = Object.create(null) as Record<string, IdeaWishes>;

	/** What is wanted of the ideas for a wall. */
	wishesFor(wallId: string): IdeaWishes {
		return (this.#wishes[wallId] ??= new IdeaWishes());
	}

	/** Adds a piece to those chosen, or takes it out. */
	selectAlso(pieceId: string): void {
		if (this.selected === null || pieceId === this.selected) this.select(pieceId);
		else
			this.multiSelection = this.multiSelection.includes(pieceId)
				? this.multiSelection.filter((id) => id !== pieceId)
				: [...this.multiSelection, pieceId];
	}

	select(pieceId: string | null): void {
		if (pieceId === this.selected) return;
		this.selected = pieceId;
		this.multiSelection = [];
		this.gathering = false;
		this.hook = 0;
		if (pieceId === null) this.flipped = false;
	}
}

export const [getView, setView] = createContext<() => View>();
