import Dexie, { type Table } from 'dexie';
import type { Step, UndoRange } from './undo-log.ts';

/** A project as it is kept, with what the list needs beside it. */
export interface ProjectRow {
	id: string;
	name: string;
	/** Milliseconds since 1970 of the last write. */
	updated: number;
	/** Changes with every write; tells whether another window wrote in between. */
	stamp: string;
	project: unknown;
	/** Which of its steps can be undone and redone; absent where none can. */
	undo?: UndoRange;
}

/** A step of a project that can be undone or redone. */
export interface StepRow {
	projectId: string;
	number: number;
	step: Step;
}

/** A project as it was at a moment, to go back to. */
export interface SnapshotRow {
	id: string;
	projectId: string;
	/** Milliseconds since 1970. */
	at: number;
	revision: number;
	/** The project file, deflated. */
	bytes: Uint8Array;
	/** Hashes of the photos it refers to. */
	photos: string[];
}

export interface SettingRow {
	key: string;
	value: unknown;
}

/** A photo under the hash of its bytes. */
export interface PhotoRow {
	hash: string;
	blob: Blob;
	width: number;
	height: number;
	/** Its leading colour, `#rrggbb`. */
	colour: string;
	/** A small copy for the wall and the rack; photos of earlier versions get theirs when they are shown. */
	small?: Blob;
}

class PorchDb extends Dexie {
	projects!: Table<ProjectRow, string>;
	settings!: Table<SettingRow, string>;
	photos!: Table<PhotoRow, string>;
	steps!: Table<StepRow, [string, number]>;
	snapshots!: Table<SnapshotRow, string>;

	constructor(name: string) {
		super(name);
		this.version(1).stores({ projects: 'id, updated', settings: 'key' });
		this.version(2).stores({ photos: 'hash' });
		this.version(3).stores({ steps: '[projectId+number]', snapshots: 'id, projectId' });
	}
}

const own = new PorchDb('warm-porch');
const demo = new PorchDb('warm-porch-demo');

/** Ids of demo projects start so; they live in a database of their own. */
export const DEMO_PREFIX = 'demo-';

export const isDemo = (projectId: string): boolean => projectId.startsWith(DEMO_PREFIX);

/** The database a project lives in: the demo is never mixed with the person's own data. */
export const dbFor = (projectId: string): PorchDb => (isDemo(projectId) ? demo : own);

export const ownDb = own;
