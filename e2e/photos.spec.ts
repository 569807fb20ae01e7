import { createHash, randomBytes } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import { readPhotoZip, writePhotoZip } from '../src/lib/files/photo-zip.ts';
import { writeProjectFile } from '../src/lib/files/project-file.ts';
import { DEMO } from '../src/lib/store/demo/index.ts';
import { png } from './png.ts';
import { expect, kept, open, pieceOn, station, test } from './support.ts';

/** Side of a square photo of noise, which packs no tighter: about 480 kB each. */
const SIDE = 400;
const PHOTOS = 20;
const PIECES = 250;

/** A house with many pieces, each of the first with a photo of its own. */
function large() {
	const photos = Array.from({ length: PHOTOS }, () => {
		const noise = randomBytes(SIDE * SIDE * 3);
		const bytes = png(SIDE, SIDE, (x, y) => {
			const at = 3 * (y * SIDE + x);
			return [noise[at]!, noise[at + 1]!, noise[at + 2]!];
		});
		const hash = createHash('sha256').update(bytes).digest('hex');
		return { hash, blob: new Blob([bytes], { type: 'image/png' }) };
	});
	const pieces = Array.from({ length: PIECES }, (_, index) => {
		const known = DEMO.pieces[index];
		const photo = photos[index]?.hash ?? '';
		return known
			? { ...known, photo }
			: { ...DEMO.pieces[0]!, photo, id: `more-${index}`, letter: `Z${index}` };
	});
	return { photos, text: writeProjectFile({ ...DEMO, id: 'large', name: 'Large house', pieces }) };
}

const unzipped = async (path: string) => {
	const read = await readPhotoZip(new Uint8Array(await readFile(path)));
	if (!read.ok) throw new Error(read.error.message);
	return read.value;
};
const hashes = (photos: readonly { hash: string }[]) => photos.map(({ hash }) => hash).sort();

test('250 pieces with 20 photos open from a zip, are exported whole, and go to a phone and back', async ({
	page,
	browser
}) => {
	const { photos, text } = large();
	const zip = await writePhotoZip({ text, photos });
	await open(page, '/');
	await page.locator('input[type=file]').setInputFiles({
		name: 'large.zip',
		mimeType: 'application/zip',
		buffer: Buffer.from(await zip.arrayBuffer())
	});
	await expect(pieceOn(page, 'C').locator('image')).toHaveAttribute('href', /^blob:/);
	await kept(page);

	await page.getByRole('button', { name: /^Large house/ }).click();
	const [exported] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('menuitem', { name: 'Export the project file' }).click()
	]);
	expect(exported.suggestedFilename()).toBe('large-house.zip');
	const out = await unzipped(await exported.path());
	expect(hashes(out.photos)).toEqual(hashes(photos));
	expect((JSON.parse(out.text) as { pieces: unknown[] }).pieces).toHaveLength(PIECES);

	await station(page, 'Hang').click();
	await page.getByText('To a phone, and back').click();
	const [pack] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('button', { name: 'Save the pack' }).click()
	]);
	const carried = await unzipped(await pack.path());
	expect(hashes(carried.photos)).toEqual(hashes(photos.slice(0, 7)));

	const phone = await browser.newContext({ viewport: { width: 390, height: 844 } });
	const there = await phone.newPage();
	await open(there, '/receive');
	await there.getByLabel('The hang pack').setInputFiles({
		name: pack.suggestedFilename(),
		mimeType: 'application/zip',
		buffer: await readFile(await pack.path())
	});
	await expect(there.getByText('7 pieces, 0 things told, 7 photos.')).toBeVisible();
	await there.getByRole('button', { name: 'Keep it here' }).click();
	await there.getByText('To a phone, and back').click();
	const [back] = await Promise.all([
		there.waitForEvent('download'),
		there.getByRole('button', { name: 'Save the pack' }).click()
	]);
	expect(hashes((await unzipped(await back.path())).photos)).toEqual(hashes(photos.slice(0, 7)));
	await phone.close();
});

test('what is no project is refused at once, with a sentence', async ({ page }) => {
	await open(page, '/');
	const refuse = async (text: string, sentence: RegExp) => {
		await page.locator('input[type=file]').setInputFiles({
			name: 'odd.json',
			mimeType: 'application/json',
			buffer: Buffer.from(text)
		});
		await expect(page.getByText(sentence)).toBeVisible();
	};
	await refuse(
		JSON.stringify({ ...DEMO, version: 4, kit: 'x'.repeat(2_000_000) }),
		/kit is a text of 2000000 letters/
	);
	await refuse(
		JSON.stringify({
			format: DEMO.format,
			version: 2,
			walls: [{ features: [{ kind: { toString: 1 } }] }]
		}),
		/damaged at id/
	);
});
