import {
	activeArrangement,
	boundsOf,
	centreX,
	centreY,
	faceOf,
	groupOf,
	snapMove,
	tickOf,
	type Guide,
	type Piece,
	type PlannedPiece,
	type Rect,
	type Snapped,
	type Styles,
	type Wall
} from '../../core/index.ts';
import { hangOnWall, lockPieces, movePiece, movePieces } from '../../store/commands/index.ts';
import type { Command } from '../../store/history.ts';
import type { Session } from '../../store/session.svelte.ts';
import { notices } from '../toast.svelte.ts';
import type { Frame } from './frame.ts';

/** A snap reaches this many pixels. */
const REACH = 8;
/** Along a direction in which it moves less than this many pixels, a press does not move the piece. */
const STILL = 3;

interface What {
	session: Session;
	wall: Wall;
	pieces: readonly PlannedPiece[];
	/** Ids of the pieces chosen to be moved together. */
	chosen: readonly string[];
	centreLine: number;
	gap: number;
	/** Where studs are known to be. */
	studs: readonly number[];
	frame: Frame;
	styles: Styles;
}

interface Grabbed {
	moving: readonly PlannedPiece[];
	others: readonly PlannedPiece[];
	x: number;
	y: number;
	/** A direction is kept until the pointer has clearly left it. */
	across: boolean;
	up: boolean;
}

/** Moves pieces on the elevation, by pointer and by arrow keys; a group moves as one, and a locked piece not at all. A drag is one command, made when it ends. */
export class Mover {
	guides: Guide[] = $state.raw([]);
	#what: () => What;
	#grabbed: Grabbed | null = null;
	#last: Command | null = null;

	constructor(what: () => What) {
		this.#what = what;
	}

	grab(planned: PlannedPiece, event: PointerEvent): void {
		if (event.button !== 0) return;
		(event.currentTarget as Element).setPointerCapture(event.pointerId);
		this.#last = null;
		const moving = this.#along(planned);
		const others = this.#what().pieces.filter((piece) => !moving.includes(piece));
		this.#grabbed = {
			moving,
			others,
			x: event.clientX,
			y: event.clientY,
			across: false,
			up: false
		};
	}

	/** What moves when a piece is moved: itself, those chosen with it, and the groups they are in; nothing where one is locked. */
	#along(planned: PlannedPiece): PlannedPiece[] {
		const { session, wall, pieces, chosen } = this.#what();
		const arrangement = activeArrangement(wall);
		const picked = chosen.includes(planned.pieceId) ? chosen : [planned.pieceId];
		const along = picked.flatMap((id) => groupOf(arrangement, id));
		const locked = along.find((placement) => placement.locked);
		if (locked) {
			const letter = pieces.find(({ pieceId }) => pieceId === locked.pieceId)?.letter;
			notices.offer(`${letter} is locked in place.`, 'Free it', () =>
				session.run(lockPieces(wall.id, [locked.pieceId], false))
			);
			return [];
		}
		const ids = along.map(({ pieceId }) => pieceId);
		return pieces.filter(({ pieceId }) => ids.includes(pieceId));
	}

	drag(event: PointerEvent): void {
		const grabbed = this.#grabbed;
		if (!grabbed || grabbed.moving.length === 0) return;
		const { session, frame } = this.#what();
		const dx = event.clientX - grabbed.x;
		const dy = grabbed.y - event.clientY;
		grabbed.across ||= Math.abs(dx) > STILL;
		grabbed.up ||= Math.abs(dy) > STILL;
		if (!grabbed.across && !grabbed.up) return;
		if (!this.#last) this.#takeIdea();
		const rect = boundsOf(grabbed.moving.map((piece) => piece.rect));
		const moving = {
			...rect,
			x: rect.x + (grabbed.across ? dx / frame.scale : 0),
			y: rect.y + (grabbed.up ? dy / frame.scale : 0)
		};
		const hooks = grabbed.moving.flatMap((each) => each.hooks.map(({ hole }) => hole.x - rect.x));
		const snapped = this.#snapped(moving, grabbed.others, hooks, event.altKey);
		this.guides = snapped.guides.filter(({ axis }) => (axis === 'x' ? grabbed.across : grabbed.up));
		this.#last = this.#shifted(
			grabbed.moving,
			grabbed.across ? moving.x + snapped.dx - rect.x : 0,
			grabbed.up ? moving.y + snapped.dy - rect.y : 0,
			grabbed.up && snapped.onCentreLine
		);
		session.setPreview(this.#last);
	}

	/** Brings a piece that is on no wall along with the pointer, its middle at a place on the wall, mm. */
	carry(piece: Piece, { x, y }: { x: number; y: number }, freely: boolean): void {
		const { session, wall, pieces } = this.#what();
		if (!this.#last) this.#takeIdea();
		const { width, height } = piece;
		const moving = { x: x - width / 2, y: y - height / 2, width, height };
		const carried = pieces.find(({ pieceId }) => pieceId === piece.id);
		const others = pieces.filter((each) => each !== carried);
		const hooks = carried ? carried.hooks.map(({ hole }) => hole.x - carried.rect.x) : [];
		const { dx, dy, guides, onCentreLine } = this.#snapped(moving, others, hooks, freely);
		this.guides = guides;
		this.#last = hangOnWall(
			wall.id,
			piece,
			x + dx,
			onCentreLine ? { from: 'house' } : { from: 'centre', at: y + dy }
		);
		session.setPreview(this.#last);
	}

	#snapped(
		moving: Rect,
		others: readonly PlannedPiece[],
		hooks: readonly number[],
		freely: boolean
	): Snapped {
		const { wall, frame, centreLine, gap, studs } = this.#what();
		return snapMove({
			moving,
			others: others.map(({ rect }) => rect),
			furniture: wall.features.filter((feature) => faceOf(feature).centres),
			wallWidth: wall.width,
			...{ centreLine, gap, studs, hooks },
			reach: freely ? 0 : REACH / frame.scale
		});
	}

	/** One piece alone may come to hang by the centre line. */
	#shifted(
		moving: readonly PlannedPiece[],
		dx: number,
		dy: number,
		onCentreLine: boolean,
		merge?: string
	): Command {
		const { wall, pieces } = this.#what();
		const [only] = moving;
		if (moving.length > 1 || !only)
			return movePieces(
				wall.id,
				moving.map(({ pieceId }) => ({ id: pieceId, dx, dy })),
				this.#grabbed ? [...this.#grabbed.moving] : pieces,
				merge
			);
		const middle = centreY(only.rect) + dy;
		return movePiece(
			wall.id,
			only.pieceId,
			{
				...(dx === 0 ? {} : { x: centreX(only.rect) + dx }),
				...(onCentreLine
					? { height: { from: 'house' } }
					: dy === 0
						? {}
						: { height: { from: 'centre', at: middle } })
			},
			merge
		);
	}

	drop(): void {
		if (this.#last) this.#what().session.run(this.#last);
		this.cancel();
	}

	cancel(): void {
		if (this.#last) this.#what().session.setPreview(null);
		this.#grabbed = null;
		this.#last = null;
		this.guides = [];
	}

	/** Who moves a piece of an idea that is looked at has taken the idea. */
	#takeIdea(): void {
		const { session } = this.#what();
		if (session.previewed) session.run(session.previewed);
	}

	/** Moves a piece, and what goes with it, by a distance. */
	shift(planned: PlannedPiece, dx: number, dy: number): void {
		const moving = this.#along(planned);
		if (moving.length > 0) this.#what().session.run(this.#shifted(moving, dx, dy, false));
	}

	/** Arrow keys: a tick of the tape, with Shift an inch or 10 mm. True when the key was used. */
	nudge(planned: PlannedPiece, event: KeyboardEvent): boolean {
		const { session, styles } = this.#what();
		const tick = tickOf(styles.lead);
		const step = event.shiftKey ? (styles.lead.unit === 'in' ? 25.4 : 10) : Math.max(tick, 1);
		const x = { ArrowLeft: -step, ArrowRight: step }[event.key];
		const y = { ArrowDown: -step, ArrowUp: step }[event.key];
		if (x === undefined && y === undefined) return false;
		event.preventDefault();
		const moving = this.#along(planned);
		if (moving.length === 0) return true;
		this.#takeIdea();
		session.run(
			this.#shifted(moving, x ?? 0, y ?? 0, false, `nudge-${moving.map((p) => p.pieceId).join()}`)
		);
		return true;
	}
}
