import { expect } from 'chai';
import { strToU8, zipSync } from 'fflate';
import { hashOf } from '../photos/hash.ts';
import { DEMO } from '../store/demo/index.ts';
import { readProjectZip, writeProjectZip } from './project-zip.ts';
import { writeProjectFile } from './project-file.ts';

const photo = async (text: string, type = 'image/jpeg') => {
	const blob = new Blob([text], { type });
	return { hash: await hashOf(blob), blob };
};
const bytesOf = async (blob: Blob) => new Uint8Array(await blob.arrayBuffer());
const code = async (bytes: Uint8Array) => {
	const result = await readProjectZip(bytes);
	return result.ok ? 'ok' : result.error.code;
};

describe('the zip of a project', () => {
	it('opens to the same project and the same photos', async () => {
		const photos = [await photo('one'), await photo('two', 'image/png')];
		const result = await readProjectZip(await bytesOf(await writeProjectZip(DEMO, photos)));
		if (!result.ok) throw new Error(result.error.message);
		expect(result.value.project).deep.equal(DEMO);
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
		expect(await code(zipSync({ 'project.json': strToU8('{') }))).equal('not-json');
		const damaged = zipSync({
			'project.json': project,
			[`photos/${'0'.repeat(64)}.jpg`]: strToU8('not of that hash')
		});
		expect(await code(damaged)).equal('damaged-photo');
	});

	it('leaves out what it did not write', async () => {
		const zip = zipSync({
			'project.json': strToU8(writeProjectFile(DEMO)),
			'../outside.jpg': strToU8('x'),
			'photos/script.svg': strToU8('<svg/>')
		});
		const result = await readProjectZip(zip);
		expect(result.ok && result.value.photos).deep.equal([]);
	});
});
