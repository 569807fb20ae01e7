import { expect } from 'chai';
import fc from 'fast-check';
import { levelHooksOnWire } from './uneven-hooks.ts';
import { hangOnWire } from './wire.ts';

const back = { ringSpan: 400, ringDrop: 120, wireLength: 440, weight: 50 };

describe('levelHooksOnWire', () => {
	it('gives the worked example', () => {
		// Source: force balance solved numerically: rises 47.92 and 83.86, angle 30.92°.
		const hooks = levelHooksOnWire({ ...back, left: -120, right: 60 });
		if (!hooks.ok) throw new Error(hooks.error.message);
		expect(120 - hooks.value.dropLeft).closeTo(47.92, 0.01);
		expect(120 - hooks.value.dropRight).closeTo(83.86, 0.01);
		expect(hooks.value.wireAngle).closeTo(30.92, 0.01);
	});

	it('is the two-hook wire when the hooks are even', () => {
		const hooks = levelHooksOnWire({ ...back, left: -100, right: 100 });
		const even = hangOnWire({ ...back, hookSpacing: 200 });
		if (!hooks.ok || !even.ok) throw new Error('refused');
		expect(hooks.value.dropLeft).closeTo(even.value.drop, 1e-9);
		expect(hooks.value.dropRight).closeTo(even.value.drop, 1e-9);
		expect(hooks.value.tension).closeTo(even.value.tension, 1e-9);
		expect(hooks.value.leftLoad.x).closeTo(even.value.inwardPerHook, 1e-9);
		expect(hooks.value.steadyDepth).closeTo(even.value.steadyDepth, 1e-9);
	});

	it('balances: the loads carry the weight, their moments vanish, and the wire is as long as it was', () => {
		const place = fc.double({ min: 5, max: 190, noNaN: true });
		fc.assert(
			fc.property(place, place, (fromLeft, fromRight) => {
				const left = -fromLeft;
				const right = fromRight;
				const hooks = levelHooksOnWire({ ...back, left, right });
				if (!hooks.ok) throw new Error(hooks.error.message);
				const { dropLeft, dropRight, leftLoad, rightLoad } = hooks.value;
				expect(leftLoad.y + rightLoad.y).closeTo(-50, 1e-6);
				expect(leftLoad.x + rightLoad.x).closeTo(0, 1e-6);
				const riseLeft = 120 - dropLeft;
				const riseRight = 120 - dropRight;
				const moment =
					left * leftLoad.y - riseLeft * leftLoad.x + right * rightLoad.y - riseRight * rightLoad.x;
				expect(moment).closeTo(0, 1e-6);
				const length =
					Math.hypot(left + 200, riseLeft) +
					Math.hypot(right - left, riseRight - riseLeft) +
					Math.hypot(200 - right, riseRight);
				expect(length).closeTo(440, 1e-6);
			})
		);
	});

	it('refuses hooks on one side, at the rings, and a short wire', () => {
		const code = (more: object) => {
			const hooks = levelHooksOnWire({ ...back, left: -100, right: 100, ...more });
			return hooks.ok ? 'ok' : hooks.error.code;
		};
		expect(code({ left: 20 })).equal('hooks-one-side');
		expect(code({ right: -20 })).equal('hooks-one-side');
		expect(code({ left: -200 })).equal('hooks-wider-than-rings');
		expect(code({ right: 210 })).equal('hooks-wider-than-rings');
		expect(code({ wireLength: 400 })).equal('wire-shorter-than-span');
		expect(code({ left: NaN })).equal('not-a-number');
	});
});
