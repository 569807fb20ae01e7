import { fail } from './said.ts';
import { faultOf } from '../../words/en/faults.ts';
import type * as z from 'zod/mini';
import { ok, type Result } from '../base/result.ts';
import { fromVersion1 } from './version-1.ts';
import { fromVersion2 } from './version-2.ts';
import { fromVersion3 } from './version-3.ts';
import { fromVersion4 } from './version-4.ts';
import { fromVersion5 } from './version-5.ts';
import { withinBounds } from './bounds.ts';
import { PROJECT_FORMAT, PROJECT_VERSION } from './format.ts';
import { projectSchema, type Project } from './project.ts';

/** Turns a project file of one version into the next. */
export type Migration = (file: Record<string, unknown>) => Record<string, unknown>;

/** By the version they lead away from. */
const MIGRATIONS: Record<number, Migration> = {
	1: fromVersion1,
	2: fromVersion2,
	3: fromVersion3,
	4: fromVersion4,
	5: fromVersion5
};

/**
 * A project from parsed JSON of any version up to this one, or why it is refused as a whole.
 * Errors: `too-large`, `not-a-project`, `newer-version`, `damaged` (with the path of the first fault).
 */
export function openProject(file: unknown): Result<Project> {
	const bounded = withinBounds(file);
	if (!bounded.ok) return bounded;
	const current = migrate(file, MIGRATIONS, PROJECT_VERSION);
	if (!current.ok) return current;
	const read = projectSchema.safeParse(current.value, { error: faultOf });
	if (read.success) return ok(read.data);
	const { path, fault } = firstFault(read.error);
	return fail('damaged', { path: path || 'its top', fault, of: 'field' }, path);
}

/** Brings a file up to `version` one migration at a time. */
export function migrate(
	file: unknown,
	migrations: Record<number, Migration>,
	version: number
): Result<Record<string, unknown>> {
	if (!isRecord(file) || file.format !== PROJECT_FORMAT) return fail('not-a-project', {}, 'format');
	const from = file.version;
	if (typeof from !== 'number' || !Number.isInteger(from) || from < 1)
		return fail('damaged', { of: 'no-version' }, 'version');
	if (from > version) return fail('newer-version', { from, version }, 'version');
	let current = file;
	for (let at = from; at < version; at++) {
		const step = migrations[at];
		if (!step) return fail('damaged', { at, of: 'no-way' }, 'version');
		current = { ...step(current), version: at + 1 };
	}
	return ok(current);
}

/** The first fault in plain words, and its path as `pieces.0.width`. */
export function firstFault(error: z.core.$ZodError): { path: string; fault: string } {
	const issue = error.issues[0]!;
	return { path: issue.path.map(String).join('.'), fault: issue.message };
}

function isRecord(value: unknown): value is Record<string, unknown> {
	return typeof value === 'object' && value !== null && !Array.isArray(value);
}
