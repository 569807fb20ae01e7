/** Styles of arranging: one file for each, and the record of them all. */

import type { Style, StyleFacts, StyleName } from '../types.ts';
import { cluster, clusterFacts } from './cluster.ts';
import { column, columnFacts } from './column.ts';
import { doubleHang, doubleHangFacts } from './double-hang.ts';
import { free, freeFacts } from './free.ts';
import { grid, gridFacts } from './grid.ts';
import { pair, pairFacts } from './pair.ts';
import { posterWall, posterWallFacts } from './poster-wall.ts';
import { ringStyle, ringFacts } from './ring.ts';
import { salon, salonFacts } from './salon.ts';
import { sameBottom, sameBottomFacts } from './same-bottom.ts';
import { sameTop, sameTopFacts } from './same-top.ts';
import { singleHang, singleHangFacts } from './single-hang.ts';
import { stairRunStyle, stairRunFacts } from './stair-run.ts';

/** What every way to arrange is, in the order it is offered. A new one is one file, its name, and one line here and below. */
const FACTS: { readonly [Name in StyleName]: StyleFacts } = {
	'single-hang': singleHangFacts,
	'same-top': sameTopFacts,
	'same-bottom': sameBottomFacts,
	'double-hang': doubleHangFacts,
	grid: gridFacts,
	pair: pairFacts,
	column: columnFacts,
	cluster: clusterFacts,
	salon: salonFacts,
	'poster-wall': posterWallFacts,
	ring: ringFacts,
	'stair-run': stairRunFacts,
	free: freeFacts
};

export const styleFacts: readonly StyleFacts[] = Object.values(FACTS);

const STYLES: { readonly [Name in StyleName]: Style } = {
	'single-hang': singleHang,
	'same-top': sameTop,
	'same-bottom': sameBottom,
	'double-hang': doubleHang,
	grid,
	pair,
	column,
	cluster,
	salon,
	'poster-wall': posterWall,
	ring: ringStyle,
	'stair-run': stairRunStyle,
	free
};

export const styleNamed = (name: StyleName): Style => STYLES[name];
