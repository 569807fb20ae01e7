/**
 * How near photos measure, on a synthetic camera: backs with a sheet, or a printed card, and one taped width; walls with
 * a sheet and two taped sides; and whether what was said held.
 */
import { markedPhotoOfBack, readBack } from './photo/backs.ts';
import { shareOf, Tally } from './photo/tally.ts';
import type { SeenSheet } from './photo/taken.ts';
import { markedPhotoOfWall, readWall } from './photo/walls.ts';

const COUNT = Number(process.argv[2] ?? 60);

function measure<T extends { seen: SeenSheet; size: { width: number } }>(
	what: string,
	take: (index: number) => T,
	read: (tally: Tally, photo: T) => boolean
) {
	const tally = new Tally();
	const took = { '2 Mpx': [] as number[], '12 Mpx': [] as number[] };
	let [found, told] = [0, 0];
	for (let index = 0; index < COUNT; index++) {
		const photo = take(index);
		if (photo.seen.found) found++;
		took[photo.size.width > 2000 ? '12 Mpx' : '2 Mpx'].push(photo.seen.took);
		if (read(tally, photo)) told++;
	}
	console.log(`${COUNT} ${what}, slants to 25°: ${told} read`);
	console.log(`  the sheet was found in ${((100 * found) / COUNT).toFixed(0)} %`);
	for (const [size, times] of Object.entries(took))
		if (times.length > 0)
			console.log(
				`  in ${size}: median ${shareOf(times, 0.5).toFixed(0)} ms, p90 ${shareOf(times, 0.9).toFixed(0)} ms`
			);
	for (const line of tally.lines()) console.log(line);
}

measure('backs with an A4 sheet', (index) => markedPhotoOfBack(index, 'a4'), readBack);
measure('backs with the printed card', (index) => markedPhotoOfBack(index, 'rings'), readBack);
measure('walls of 4 m with an A4 sheet', markedPhotoOfWall, readWall);
