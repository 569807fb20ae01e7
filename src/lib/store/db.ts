import Dexie, { type Table } from 'dexie';

/** A project as it is kept, with what the list needs beside it. */
export interface ProjectRow {
	id: string;
	name: string;
	/** Milliseconds since 1970 of the last write. */
	updated: number;
	/** Changes with every write; tells whether another window wrote in between. */
	stamp: string;
	project: unknown;
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
}

class PorchDb extends Dexie {
	projects!: Table<ProjectRow, string>;
	settings!: Table<SettingRow, string>;
	photos!: Table<PhotoRow, string>;

	constructor(name: string) {
		super(name);
		this.version(1).stores({ projects: 'id, updated', settings: 'key' });
		this.version(2).stores({ photos: 'hash' });
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
