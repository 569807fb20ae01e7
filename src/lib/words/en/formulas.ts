/** A formula of the app: what figure it gives, where it is from, and where its code stands, under `src/lib/core`. */
export interface Formula {
	figure: string;
	formula: string;
	source: string;
	code: string;
}

/** How the formulas are written. */
export const FORMULA_UNITS =
	'Lengths in mm, forces in N, angles in degrees. x right and y up, seen from the room.';

export const FORMULAS: readonly Formula[] = [
	{
		figure: 'hook height',
		formula: 'centre + h/2 - drop; top - drop; bottom + h - drop',
		source: 'common practice',
		code: 'piece/statics/hook-height.ts'
	},
	{
		figure: 'wire length from a pull',
		formula: 'L = w + √((S - w)² + 4v²), v = ring drop - pulled drop',
		source: 'geometry',
		code: 'piece/statics/wire.ts'
	},
	{
		figure: 'rise of a wire',
		formula: 'v = ½√((L - w)² - (S - w)²); drop = ring drop - v',
		source: 'string over frictionless pegs',
		code: 'piece/statics/wire.ts'
	},
	{
		figure: 'middle of two hooks',
		formula: 'e(1 - w/S) off the rings’ middle, wire caught on both',
		source: 'legs meet plumb over the mass',
		code: 'piece/hangers/wire-reading.ts'
	},
	{
		figure: 'tension',
		formula: 'T = W(L - w)/(4v); sin θ = 2v/(L - w)',
		source: 'statics',
		code: 'piece/statics/wire.ts'
	},
	{
		figure: 'sideways on each of two hooks',
		formula: 'T(1 - cos θ) inward, wire free, to T·cos θ outward, wire caught',
		source: 'statics',
		code: 'piece/statics/wire.ts'
	},
	{
		figure: 'steady depth',
		formula: 'S(S - w)/(4v): level without friction only with the mass deeper below the rings',
		source: 'second-order expansion of the energy',
		code: 'piece/statics/wire.ts'
	},
	{
		figure: 'wire that stretches',
		formula: 'L = L0(1 + T/EA)',
		source: "Hooke's law, force balance",
		code: 'piece/statics/elastic.ts'
	},
	{
		figure: 'level on two uneven hooks',
		formula: '(a+b)/cos α + √((x₂-x₁)² + ((b-a)·tan α)²) = L',
		source: 'statics',
		code: 'piece/statics/uneven-hooks.ts'
	},
	{
		figure: 'one hook off the middle',
		formula: 'rise = √((L/2)² - (S/2)²)·√(1 - (2x/L)²); μ ≥ |ln(T₁/T₂)|/(θ₁+θ₂)',
		source: 'ellipse; capstan formula',
		code: 'piece/statics/off-centre-hook.ts'
	},
	{
		figure: 'two rigid points',
		formula: 'W(½ ∓ e/S); tilt = asin(dh/S); correction = S·m/B',
		source: 'moments; similar triangles',
		code: 'piece/statics/two-points.ts'
	},
	{
		figure: 'lean and pull',
		formula: 'F = W(x_cg - p)/h about the bottom edge, at the pose of least energy',
		source: 'statics',
		code: 'piece/statics/lean.ts'
	},
	{
		figure: 'level on uneven rings',
		formula: 'the runs of the wire add up to its length; each ring carries W(½ ∓ e/S)',
		source: 'geometry; moments',
		code: 'piece/statics/uneven-rings.ts'
	},
	{
		figure: 'tilt of an uneven wire',
		formula:
			'caught: lowest centre of mass, legs of fixed length; free: -e/(g-gc) - (δ/S)·gc/(g-gc)',
		source: 'energy of a four-bar linkage; second-order expansion',
		code: 'piece/statics/uneven-rings.ts'
	},
	{
		figure: 'cleat screws',
		formula: 'V_i = W/N + W(e-x̄)(x_i-x̄)/Σ(x-x̄)²; pull W·t/h, shared alike',
		source: 'rigid rail on equal springs',
		code: 'piece/statics/cleat.ts'
	},
	{
		figure: 'swing on one point',
		formula: 'atan(e/g)',
		source: 'statics',
		code: 'piece/hangers/swing.ts'
	},
	{
		figure: 'drop of a drilled hole',
		formula: 'hole down - half its width',
		source: 'common practice',
		code: 'piece/hangers/drilled.ts'
	},
	{
		figure: 'wire class',
		formula: 'the larger of factor × W and the tension',
		source: 'both schools, common practice',
		code: 'piece/hangers/wire-workshop.ts'
	},
	{
		figure: 'weight',
		formula:
			'moulding ring × depth × fill × density + sheets × kg/m² + mount less its window + hardware',
		source: 'EN 572-1 for glass; others typical',
		code: 'piece/weight/estimate.ts'
	},
	{
		figure: 'mount margins',
		formula: 'side (W-w)/2; top (H-h-extra)/2; bottom top + extra',
		source: 'common practice',
		code: 'piece/framing/mount.ts'
	},
	{
		figure: 'outside of a frame',
		formula: 'sheets + 2 × play + 2 × (moulding - rabbet)',
		source: 'common practice',
		code: 'piece/framing/frame-size.ts'
	},
	{
		figure: 'longest screw',
		formula: 'frame depth + hardware - 3 mm',
		source: 'common practice; 3 mm from memory',
		code: 'piece/framing/frame-size.ts'
	},
	{
		figure: 'screw drawn out of wood',
		formula: '2850·G²·D lb/in of thread',
		source: 'NDS 2018, 12.2-2',
		code: 'catalogue/facts/wood/withdrawal.ts'
	},
	{
		figure: 'nail drawn out of wood',
		formula: '1380·G^2.5·D lb/in',
		source: 'NDS 2018, 12.2-3',
		code: 'catalogue/facts/wood/withdrawal.ts'
	},
	{
		figure: 'screw or nail pushed sideways',
		formula: 'least of six yield modes over K_D, with a gap for the board',
		source: 'NDS 2018, 12.3.1; AWC TR 12',
		code: 'catalogue/facts/wood/lateral-yield.ts'
	},
	{
		figure: 'pull on a hook’s nail',
		formula: 'F + W·p/c, about the toe of the plate',
		source: 'moments',
		code: 'piece/statics/prying.ts'
	},
	{
		figure: 'a bare shank out of wood',
		formula: 'q·l; P²/4q + P(out + l/2) = q·l²/4; P²/2q + P·out = F_yb·D³/6; the least over K_D',
		source: 'AWC TR 12',
		code: 'catalogue/facts/wood/standing-shank.ts'
	},
	{
		figure: 'use of a screw in a stud',
		formula: 'V/(0.9·Z·min(1, p/10D)) + P/(0.9·W·thread), G 0.42, 6 D of thread at least',
		source: 'NDS 2018, 12.4.2, 2.3.2',
		code: 'fixing/choose/holds.ts'
	},
	{
		figure: 'use of a rated fixing',
		formula:
			'load / (rating × share): working 1, failure or unknown 1/4; careful 1/2 at most; unknown wall half',
		source: 'common practice; 1/4 from memory',
		code: 'fixing/choose/holds.ts'
	},
	{
		figure: 'what one person lifts',
		formula: '23·(25/H)·(1-0.003·|V-75|)·(0.82+4.5/D)·(1-0.0032·A)·C kg',
		source: 'NIOSH, 1991',
		code: 'fixing/lifting/lift-limit.ts'
	},
	{
		figure: 'floor and ceiling',
		formula: 'line - down, line + up; straight between readings',
		source: 'common practice',
		code: 'wall/survey/outline.ts'
	},
	{
		figure: 'out of level off the ceiling',
		formula: 'highest less lowest place of the ceiling along the stretch',
		source: 'geometry',
		code: 'wall/survey/fall.ts'
	},
	{
		figure: 'corner out of plumb',
		formula: '(diagonal read - √(w² + h²))·diagonal/w',
		source: 'Pythagoras, first order',
		code: 'wall/survey/proofs.ts'
	},
	{
		figure: 'stair’s rake',
		formula: 'atan(rise/going); tread = steps begun × rise',
		source: 'geometry',
		code: 'wall/survey/stairs.ts'
	},
	{
		figure: 'a hint’s likelihood',
		formula:
			'0.95·p·Σ N(x; φ+kp, √(σ²+3²)) + 0.05; knock σ 25, magnet 10, box 5, edge and middle 3',
		source: 'common practice for σ; Bayes',
		code: 'wall/studs/likelihood.ts'
	},
	{
		figure: 'a nail’s likelihood',
		formula: 'miss 0.02 + 0.98·Φ((|r|-19.05)/3); hit 0.01 + 0.98·Φ((19.05-|r|)/√(3²+3²))',
		source: 'Bayes; stud 38.1 mm wide',
		code: 'wall/studs/evidence.ts'
	},
	{
		figure: 'a stud’s ±',
		formula: '√(phase² + 3²) mm; chance = likelihood of its pitch and phase over all',
		source: 'Bayes',
		code: 'wall/studs/estimate.ts'
	},
	{
		figure: 'gain of a probe',
		formula: 'H(mean chance of wood) - mean H(chance of wood), bits',
		source: 'mutual information',
		code: 'wall/studs/next-probe.ts'
	},
	{
		figure: 'likely cables',
		formula: 'straight up, down and level from each accessory; 150 mm from ceiling and corners',
		source: 'BS 7671, 522.6.202',
		code: 'wall/survey/runs.ts'
	},
	{
		figure: 'depth into a stud',
		formula: 'beyond 1 1/4 in a note; where a cable or pipe is likely, care',
		source: 'NEC 300.4(D)',
		code: 'wall/survey/runs.ts'
	},
	{
		figure: 'mean of readings',
		formula: 'Σ/n, ± 1.645·s/√n',
		source: 'normal errors',
		code: 'readings/average.ts'
	},
	{
		figure: 'an estimate from readings',
		formula:
			'Σ(v/σ²)/Σ(1/σ²) of one way, variance 1/Σ(1/σ²) + s²; ways weighed alike; no agreement beyond 3·√(σ² + σ²)',
		source: 'GUM (JCGM 100:2008), 4.2 and annex F',
		code: 'readings/estimate.ts'
	},
	{
		figure: 'how far a piece lands off',
		formula:
			'1.645·√Σ effect², each figure one standard deviation larger; what two places share cancels',
		source: 'GUM, 5.1 and 6.2',
		code: 'plan/landing.ts'
	},
	{
		figure: 'what a height that came out teaches',
		formula: 'each cause moves by e²/(Σe² + r²) of it',
		source: 'a scalar Kalman update',
		code: 'plan/learn.ts'
	},
	{
		figure: 'even gaps',
		formula: '(span - Σ)/(n+1), /(n-1) flush, /n with half a gap at the ends',
		source: 'common practice',
		code: 'layout/even-gaps.ts'
	},
	{
		figure: 'a group over furniture',
		formula: '2/3 to 3/4 as wide, 150 to 200 mm above it',
		source: 'common practice',
		code: 'layout/above-furniture.ts'
	},
	{
		figure: 'a run up a stair',
		formula: 'y = above + x·rise/going',
		source: 'geometry',
		code: 'layout/stair-run.ts'
	},
	{
		figure: 'score of an arrangement',
		formula:
			'mean of balance, gaps, outline, shape, large works, large and small, colours, upright and wide, height, clean lines and studs, each 0 to 1, weighed 3 2 2 2 3 1 1 1 2 3 2; what does not apply is left out',
		source: 'a choice, no source',
		code: 'layout/score.ts'
	},
	{
		figure: 'weight to the eye',
		formula: 'area · (1.5 - L*/100); 1 per area where no colour is known',
		source: 'CIE L*; the factor is a choice',
		code: 'layout/tone.ts'
	},
	{
		figure: 'closing a row up',
		formula: 'both sides come half of what is open less the gap; a side with a locked piece stays',
		source: 'geometry',
		code: 'layout/close-up.ts'
	},
	{
		figure: 'a rectangle in a photo',
		formula: 'the projective map of its four corners',
		source: 'Heckbert 1989, 2.2.3',
		code: 'base/geometry/homography.ts'
	},
	{
		figure: 'seen from a distance',
		formula: 'atan(size / distance), the eye level, turned to the group',
		source: 'geometry',
		code: 'layout/step-back.ts'
	},
	{
		figure: 'floor by a level',
		formula: 'down = line - x·tan(slope)',
		source: 'geometry',
		code: 'wall/survey/slope.ts'
	},
	{
		figure: '± of a figure',
		formula: 'each reading moved by its likely error, √Σ(change²)',
		source: 'independent errors',
		code: 'base/derived.ts'
	},
	{
		figure: 'pages of a tiled drawing',
		formula: '⌈(length - overlap) / (room - overlap)⌉ each way, overlap 10 mm',
		source: 'common practice',
		code: 'marking/true-size/tiles.ts'
	},
	{
		figure: 'reach of an oval at a height',
		formula: 'w/2·(1 ± √(1 - (2y/h - 1)²))',
		source: 'geometry',
		code: 'marking/true-size/chord.ts'
	},
	{
		figure: 'figures pushed apart',
		formula: 'least squares with place(i+1) ≥ place(i) + apart, by pooling',
		source: 'isotonic regression',
		code: 'base/geometry/spread.ts'
	},
	{
		figure: 'time of a job',
		formula:
			'20 + 10 + 6 a piece + 4 a hole (10 in masonry), 5 a strip, 6 a cord + 10 a lift by two + 10 min; 3/4 to 1 1/2 of it',
		source: 'from memory',
		code: 'day/job/time.ts'
	},
	{
		figure: 'months to the next look',
		formula: 'strip 3, cord 12, wire 24, else 36; half of it in public',
		source: 'from memory',
		code: 'day/job/inspection.ts'
	},
	{
		figure: 'one point set lower',
		formula: 'S·sin(tilt) = S·m/B, at the high side',
		source: 'similar triangles',
		code: 'piece/hangers/level.ts'
	},
	{
		figure: 'a piece slid on its wire',
		formula: 'the place along the wire that gives the tilt, less the place that gives none',
		source: 'four-bar linkage, by bisection',
		code: 'piece/statics/uneven-rings.ts'
	},
	{
		figure: 'teeth to move by',
		formula: '(height - mass up - drop)·tan(tilt) / pitch',
		source: 'the mass rests plumb below its point',
		code: 'piece/hangers/level.ts'
	},
	{
		figure: 'points read from both edges',
		formula: 'middle (left - right)/2 off the centre line; the rest about that middle',
		source: 'geometry',
		code: 'piece/hangers/edges.ts'
	},
	{
		figure: 'plates above each other',
		formula: 'the lower one set beside, S·sin(tilt), S from one down to the other',
		source: 'similar triangles',
		code: 'piece/hangers/level.ts'
	},
	{
		figure: 'pads for even depth',
		formula: 'stand-off of the hook + stand-off of the ring',
		source: 'the link from hook to ring is plumb',
		code: 'piece/even-depth.ts'
	},
	{
		figure: 'an act that pays',
		formula:
			'seen, and E|off| - √(2/π)·s > cost: 0.5 mm for a moment, 2.5 mm for a new hole, s of a nail and a pencil',
		source: 'normal errors; costs are choices',
		code: 'day/hangday/pays.ts'
	},
	{
		figure: 'a piece from what hangs',
		formula: 'gap and line rest on one tape reading each; its place on how the other landed',
		source: 'errors propagated',
		code: 'plan/landing.ts'
	},
	{
		figure: 'a wall proved on the day',
		formula: 'width, ceiling less floor, line less floor; ± 3·√2 readings and 0.5 mm a metre',
		source: 'common practice, from memory',
		code: 'day/hangday/prove.ts'
	},
	{
		figure: 'a hook off its mark',
		formula: 'the others, and the piece, move by the mean of what is set, past the tolerance',
		source: 'geometry',
		code: 'plan/as-hung.ts'
	},
	{
		figure: 'light of a year',
		formula: 'lux · hours · days; 15 000, 150 000, 600 000 lux h, at 50, 50, 200 lux',
		source: 'CIE 157:2004',
		code: 'wall/light/light-dose.ts'
	},
	{
		figure: 'a spot on a wall',
		formula: 'E = I·x/r³; lamp out (lamp - target)·tan 30° and how far the piece stands out',
		source: 'inverse square and cosine law',
		code: 'wall/light/spot.ts'
	}
];

/** What holds of all of them. */
export const FORMULA_NOTES = [
	'Fixings in masonry are rated by packet alone. Ratings without “common practice” in the catalogue are from memory; the packet’s figure wins.',
	'The studs are called known from a chance of 0.9 on (a choice, no source). A single nail that hits is taken for anywhere within the stud, not for its middle: a hit may lie 3/4 in off.',
	'Likely reading errors (from memory): tape 0.8 mm, pulled drop 1.5 mm.',
	"What ring points, strips, teeth and pins hold is typical (from memory); the packet's figure wins.",
	'Offsets from bearing to hole are typical (from memory) until the person measures their own hook.'
];

/** Formulas that have all words of a question in them. */
export function formulasWith(asked: string): readonly Formula[] {
	const words = asked.toLowerCase().split(/\s+/).filter(Boolean);
	return FORMULAS.filter(({ figure, formula, source }) => {
		const text = `${figure} ${formula} ${source}`.toLowerCase();
		return words.every((word) => text.includes(word));
	});
}
