import { expect } from 'chai';
import { DEMO } from '../store/demo/index.ts';
import { hashOf } from '../photos/hash.ts';
import { readBackup, standingOf, USUAL, writeBackup } from './backup.ts';
import { readPhotoZip, writePhotoZip } from './photo-zip.ts';

const AT = '2026-05-02T09:00:00.000Z';
const bytesOf = async (blob: Blob) => new Uint8Array(await blob.arrayBuffer());

describe('a backup of everything', () => {
	it('opens to the same projects, photos and hooks', async () => {
		const blob = new Blob(['a photo'], { type: 'image/jpeg' });
		const photos = [{ hash: await hashOf(blob), blob }];
		const projects = [DEMO, { ...DEMO, id: 'other', name: 'Other house' }];
		const kit = { screw: { dy: 3, rating: null, standOff: null, stock: 4 } };
		const zip = await writePhotoZip(writeBackup({ at: AT, kit, projects, photos }));
		const read = await readPhotoZip(await bytesOf(zip));
		if (!read.ok) throw new Error(read.error.message);
		const backup = readBackup(read.value);
		if (!backup.ok) throw new Error(backup.error.message);
		expect(backup.value.projects).deep.equal(projects);
		expect(backup.value).deep.include({ at: AT, kit, refused: [] });
		expect(backup.value.photos.map(({ hash }) => hash)).deep.equal([photos[0]!.hash]);
	});

	it('gives what of it can be opened, and says why the rest cannot', () => {
		const { text, projects = [] } = writeBackup({ at: AT, kit: {}, projects: [DEMO], photos: [] });
		const broken = JSON.stringify({ ...DEMO, walls: [] });
		const backup = readBackup({ text, projects: [...projects, broken, '{'], photos: [] });
		if (!backup.ok) throw new Error(backup.error.message);
		expect(backup.value.projects).deep.equal([DEMO]);
		expect(backup.value.refused).length(2);
		for (const damaged of ['{', '{}', text.replace('"version": 1', '"version": 2')])
			expect(readBackup({ text: damaged, photos: [] })).include({ ok: false });
	});

	it('knows which is newer, and by itself never writes over what is', () => {
		const later = { ...DEMO, name: 'Later', revision: DEMO.revision + 4 };
		expect(standingOf(DEMO, undefined)).equal('new');
		expect(standingOf(DEMO, { ...DEMO, revision: 99 })).equal('same');
		expect(standingOf(later, DEMO)).equal('older-here');
		expect(standingOf(DEMO, later)).equal('newer-here');
		expect(standingOf({ ...DEMO, name: 'Else' }, DEMO)).equal('differs');
		expect(USUAL['newer-here']).equal('leave');
		expect(USUAL.differs).equal('beside');
	});
});
