import { expect } from 'chai';
import { strToU8, zipSync } from 'fflate';
import { hashOf } from '../photos/hash.ts';
import { DEMO } from '../store/demo/index.ts';
import { readPhotoZip, writePhotoZip } from './photo-zip.ts';
import { writeProjectFile } from './project-file.ts';
import { readFile } from './read-file.ts';

const photo = async (text: string, type = 'image/jpeg') => {
	const blob = new Blob([text], { type });
	return { hash: await hashOf(blob), blob };
};
const unzip = async (zip: Blob) => readPhotoZip(await bytesOf(zip));
const bytesOf = async (blob: Blob) => new Uint8Array(await blob.arrayBuffer());
const code = async (bytes: Uint8Array) => {
	const result = await readPhotoZip(bytes);
	return result.ok ? 'ok' : result.error.code;
};

/** The zip with every entry of its directory claiming to unpack to so many bytes. */
function claiming(zip: Uint8Array, bytes: number): Uint8Array {
	const view = new DataView(zip.buffer, zip.byteOffset, zip.byteLength);
	for (let at = 0; at + 46 < zip.length; at++)
		if (view.getUint32(at, true) === DIRECTORY) view.setUint32(at + ORIGINAL_SIZE, bytes, true);
	return zip;
}

/** Mark of an entry of the directory, and where in it the unpacked size stands: APPNOTE.TXT 4.3.12. */
const DIRECTORY = 0x02014b50;
const ORIGINAL_SIZE = 24;

describe('a zip with photos', () => {
	it('opens to the same project and the same photos', async () => {
		const photos = [await photo('one'), await photo('two', 'image/png')];
		const result = await readPhotoZip(
			await bytesOf(await writePhotoZip({ text: writeProjectFile(DEMO), photos }))
		);
		if (!result.ok) throw new Error(result.error.message);
		expect(result.value.text).equal(writeProjectFile(DEMO));
		expect(result.value.photos.map(({ hash }) => hash)).have.members(
			photos.map(({ hash }) => hash)
		);
		const two = result.value.photos.find(({ hash }) => hash === photos[1]!.hash)!;
		expect(two.blob.type).equal('image/png');
		expect(await two.blob.text()).equal('two');
	});

	it('is refused whole when anything in it is wrong', async () => {
		const project = strToU8(writeProjectFile(DEMO));
		expect(await code(strToU8('no zip at all'))).equal('not-a-zip');
		expect(await code(zipSync({ 'readme.txt': strToU8('hello') }))).equal('no-project');
		const damaged = zipSync({
			'project.json': project,
			[`photos/${'0'.repeat(64)}.jpg`]: strToU8('not of that hash')
		});
		expect(await code(damaged)).equal('damaged-photo');
	});

	it('is refused by what it claims to hold, before that is unpacked', async () => {
		const project = { 'project.json': strToU8('{}') };
		const photos = (count: number) =>
			Object.fromEntries(
				Array.from({ length: count }, (_, index) => [
					`photos/${String(index).padStart(64, '0')}.jpg`,
					strToU8('x')
				])
			);
		const MB = 1024 * 1024;
		expect(await code(claiming(zipSync({ ...project, ...photos(22) }), 19 * MB))).equal(
			'too-large'
		);
		expect(await code(claiming(zipSync({ ...project, ...photos(1) }), 19 * MB))).equal(
			'damaged-photo'
		);
		expect(await code(claiming(zipSync(project), 25 * MB))).equal('too-large');
	});

	it('tells how far it is', async () => {
		const photos = [await photo('one'), await photo('two')];
		const told: string[] = [];
		const tell = (done: number, of: number) => told.push(`${done} of ${of}`);
		const zip = await writePhotoZip({ text: '{}', photos }, tell);
		await readPhotoZip(await bytesOf(zip), tell);
		expect(told).deep.equal(['1 of 2', '2 of 2', '1 of 2', '2 of 2']);
	});

	it('leaves out what it did not write', async () => {
		const zip = zipSync({
			'project.json': strToU8(writeProjectFile(DEMO)),
			'../outside.jpg': strToU8('x'),
			'photos/script.svg': strToU8('<svg/>')
		});
		const result = await readPhotoZip(zip);
		expect(result.ok && result.value.photos).deep.equal([]);
	});

	it('is told from a file without photos by what it holds, not by its name', async () => {
		const photos = [await photo('one')];
		const zip = await readFile(await writePhotoZip({ text: 'the text', photos }), unzip);
		expect(zip.ok && [zip.value.text, zip.value.photos.length]).deep.equal(['the text', 1]);
		const plain = await readFile(new Blob(['PK is no zip']), unzip);
		expect(plain.ok ? plain.value.text : plain.error.code).equal('not-a-zip');
		const text = await readFile(new Blob(['{"a":1}']), unzip);
		expect(text.ok && text.value).deep.equal({ text: '{"a":1}', photos: [] });
	});
});
