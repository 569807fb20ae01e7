import { anyWall, photographWall } from '../bench/photo/wall-photo.ts';
import { seeded } from '../src/lib/core/index.ts';
import { photoFile, tapIn } from './rendered.ts';
import { accessible, expect, kept, measure, openDemo, station, survey, test } from './support.ts';

const SIZE = { width: 1200, height: 900 };

for (const viewport of [
	{ width: 1280, height: 800 },
	{ width: 390, height: 844 }
])
	test(`a wall is surveyed from one photo, which then lies under the pieces, ${viewport.width} wide`, async ({
		page
	}) => {
		const scene = anyWall(seeded(5));
		const { photo, at } = photographWall(scene, SIZE, 12, 77);
		await openDemo(page);
		await page.setViewportSize(viewport);
		await station(page, 'Survey').click();
		await survey(page, 'On it');
		await page.getByLabel('Survey from a photo').setInputFiles(photoFile('wall.jpg', photo));
		const field = page.locator('.photo-field');
		await expect(page.getByText('Mark the upper left corner of the wall')).toBeVisible();
		const { door, window, outline } = scene;
		for (const { x, y } of outline.corners) await tapIn(field, at(x, y), SIZE);
		await measure(page.getByLabel('Width by tape'), '4000 mm');
		await measure(page.getByLabel('Height by tape'), '2500 mm');
		for (const [kind, box] of [
			['Door', door],
			['Window', window]
		] as const) {
			await page.getByLabel('On the wall').selectOption({ label: kind });
			await page.getByRole('button', { name: 'Mark it' }).click();
			await expect(page.getByText(`${kind}: mark its upper left corner`)).toBeVisible();
			await tapIn(field, at(box.x, box.y), SIZE);
			await tapIn(field, at(box.x + box.width, box.y + box.height), SIZE);
			await expect(page.getByRole('region', { name: kind })).toContainText('Left edge');
		}
		await accessible(page, 'surveying from a photo');
		await page.getByRole('button', { name: 'Use these' }).click();
		await expect(page.locator('.whole-sheet')).toHaveCount(0);
		await kept(page);

		// 2571.8 mm from the left end: 101 1/4 in, a quarter more or less.
		const line = page.getByRole('button', { name: /^Window 10[01] .*from the left/ });
		await expect(line).toBeVisible();
		await line.click();
		await expect(page.getByText('one reading, ±').first()).toBeVisible();
		const underneath = page.locator('.elevation img');
		await expect(underneath).toHaveAttribute('style', /matrix3d/);
		if (viewport.width < 600) return;
		await page.getByRole('button', { name: 'Photo', exact: true }).click();
		await expect(underneath).toHaveCount(0);
		await page.keyboard.press('Control+z');
		await expect(page.getByRole('button', { name: 'Photo', exact: true })).toHaveCount(0);
		await expect(page.getByRole('button', { name: /^Window 10/ })).toHaveCount(0);
	});
