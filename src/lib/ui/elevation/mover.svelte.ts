import {
	activeArrangement,
	centreX,
	centreY,
	faceOf,
	snapMove,
	tickOf,
	type Guide,
	type PlacedHeight,
	type PlannedPiece,
	type Styles,
	type Wall
} from '../../core/index.ts';
import { movePiece } from '../../store/commands/index.ts';
import type { Session } from '../../store/session.svelte.ts';
import type { Frame } from './frame.ts';

/** A snap reaches this many pixels. */
const REACH = 8;
/** Along a direction in which it moves less than this many pixels, a press does not move the piece. */
const STILL = 3;

interface What {
	session: Session;
	wall: Wall;
	pieces: readonly PlannedPiece[];
	centreLine: number;
	gap: number;
	frame: Frame;
	styles: Styles;
}

interface Grabbed {
	planned: PlannedPiece;
	others: readonly PlannedPiece[];
	x: number;
	y: number;
	/** A direction is kept until the pointer has clearly left it. */
	across: boolean;
	up: boolean;
}

/** Moves pieces on the elevation, by pointer and by arrow keys. A drag is one command, made when it ends. */
export class Mover {
	guides: Guide[] = $state.raw([]);
	#what: () => What;
	#grabbed: Grabbed | null = null;
	#last: { x?: number; height?: PlacedHeight } | null = null;

	constructor(what: () => What) {
		this.#what = what;
	}

	grab(planned: PlannedPiece, event: PointerEvent): void {
		if (event.button !== 0) return;
		(event.currentTarget as Element).setPointerCapture(event.pointerId);
		this.#last = null;
		const others = this.#what().pieces.filter(({ pieceId }) => pieceId !== planned.pieceId);
		this.#grabbed = {
			planned,
			others,
			x: event.clientX,
			y: event.clientY,
			across: false,
			up: false
		};
	}

	drag(event: PointerEvent): void {
		const grabbed = this.#grabbed;
		if (!grabbed) return;
		const { session, wall, frame, centreLine, gap } = this.#what();
		const dx = event.clientX - grabbed.x;
		const dy = grabbed.y - event.clientY;
		grabbed.across ||= Math.abs(dx) > STILL;
		grabbed.up ||= Math.abs(dy) > STILL;
		if (!grabbed.across && !grabbed.up) return;
		const { rect, pieceId } = grabbed.planned;
		const moving = {
			...rect,
			x: rect.x + (grabbed.across ? dx / frame.scale : 0),
			y: rect.y + (grabbed.up ? dy / frame.scale : 0)
		};
		const snapped = snapMove({
			moving,
			others: grabbed.others.map((other) => other.rect),
			furniture: wall.features.filter((feature) => faceOf(feature).centres),
			wallWidth: wall.width,
			centreLine,
			gap,
			reach: event.altKey ? 0 : REACH / frame.scale
		});
		const to = { ...moving, x: moving.x + snapped.dx, y: moving.y + snapped.dy };
		const height: PlacedHeight = snapped.onCentreLine
			? { from: 'house' }
			: { from: 'centre', at: centreY(to) };
		this.guides = snapped.guides.filter(({ axis }) => (axis === 'x' ? grabbed.across : grabbed.up));
		this.#last = {
			...(grabbed.across ? { x: centreX(to) } : {}),
			...(grabbed.up ? { height } : {})
		};
		session.show(movePiece(wall.id, pieceId, this.#last));
	}

	drop(): void {
		const { session, wall } = this.#what();
		if (this.#grabbed && this.#last)
			session.run(movePiece(wall.id, this.#grabbed.planned.pieceId, this.#last));
		this.cancel();
	}

	cancel(): void {
		this.#what().session.show(null);
		this.#grabbed = null;
		this.#last = null;
		this.guides = [];
	}

	/** Arrow keys: a tick of the tape, with Shift an inch or 10 mm. True when the key was used. */
	nudge(planned: PlannedPiece, event: KeyboardEvent): boolean {
		const { session, wall, styles } = this.#what();
		const tick = tickOf(styles.lead);
		const step = event.shiftKey ? (styles.lead.unit === 'in' ? 25.4 : 10) : Math.max(tick, 1);
		const x = { ArrowLeft: -step, ArrowRight: step }[event.key];
		const y = { ArrowDown: -step, ArrowUp: step }[event.key];
		if (x === undefined && y === undefined) return false;
		event.preventDefault();
		const placement = activeArrangement(wall).placements.find(
			({ pieceId }) => pieceId === planned.pieceId
		);
		if (!placement) return true;
		const to =
			x !== undefined
				? { x: placement.x + x }
				: { height: { from: 'centre' as const, at: centreY(planned.rect) + y! } };
		session.run(movePiece(wall.id, planned.pieceId, to, `nudge-${planned.pieceId}`));
		return true;
	}
}
