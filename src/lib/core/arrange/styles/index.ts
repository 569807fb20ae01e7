import type { Style, StyleName } from '../face.ts';
import { cluster } from './cluster.ts';
import { column } from './column.ts';
import { doubleHang } from './double-hang.ts';
import { free } from './free.ts';
import { grid } from './grid.ts';
import { pair } from './pair.ts';
import { posterWall } from './poster-wall.ts';
import { ringStyle } from './ring.ts';
import { salon } from './salon.ts';
import { sameBottom } from './same-bottom.ts';
import { sameTop } from './same-top.ts';
import { singleHang } from './single-hang.ts';
import { stairRunStyle } from './stair-run.ts';

/** Every way to arrange, in the order it is offered. A new one is one file and one line here. */
export const arrangeStyles: readonly Style[] = [
	singleHang,
	sameTop,
	sameBottom,
	doubleHang,
	grid,
	pair,
	column,
	cluster,
	salon,
	posterWall,
	ringStyle,
	stairRunStyle,
	free
];

export const styleNamed = (name: StyleName): Style =>
	arrangeStyles.find(({ style }) => style === name)!;
