import { readPart, type PackPart } from '../files/pack-parts.ts';
import { ownDb } from './db.ts';

const PREFIX = 'pack-part/';

/** Keeps one part of a pack until the others are there, in place of any other pack’s; answers all that are kept of it. */
export async function keepPart(part: PackPart): Promise<PackPart[]> {
	const { number, of, name, text } = part;
	const { settings } = ownDb;
	const parts = settings.where('key').startsWith(PREFIX);
	await parts.filter(({ key }) => !key.startsWith(`${PREFIX}${name}/`)).delete();
	await settings.put({
		key: `${PREFIX}${name}/${number}`,
		value: `${number}.${of}.${name}.${text}`
	});
	const rows = await settings.where('key').startsWith(`${PREFIX}${name}/`).toArray();
	return rows.flatMap(({ value }) => readPart(String(value)) ?? []);
}

/** Lets go of every part, once a pack is whole or given up. */
export async function dropParts(): Promise<void> {
	await ownDb.settings.where('key').startsWith(PREFIX).delete();
}
