<script lang="ts">
	import { hangers, howToHang, kindOf, type HangerKind, type Piece } from '$lib/core/index.ts';
	import { changeHanger } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';

	let { piece }: { piece: Piece } = $props();

	const session = $derived(getSession()());
	const how = $derived(howToHang(piece.back));
	const kind = $derived(kindOf(piece.kind));
	const usual = $derived(
		kind.hangers.map((each) => hangers.find((hanger) => hanger.kind === each)!)
	);
	const others = $derived(hangers.filter((each) => !usual.includes(each)));
</script>

<label class="block">
	<span class="field-label">How it hangs</span>
	<select
		class="select w-full"
		value={piece.back.kind}
		onchange={(event) =>
			session.run(changeHanger(piece.id, event.currentTarget.value as HangerKind))}
	>
		<optgroup label="Usual for {kind.name.toLowerCase()}">
			{#each usual as { kind, name } (kind)}<option value={kind}>{name}</option>{/each}
		</optgroup>
		<optgroup label="Other ways">
			{#each others as { kind, name } (kind)}<option value={kind}>{name}</option>{/each}
		</optgroup>
	</select>
</label>
<details>
	<summary>When to hang it so</summary>
	<p>{how.suits} <strong>Not for:</strong> {how.notFor}</p>
</details>

<style>
	details {
		font-size: var(--text-sm);
	}

	summary {
		color: var(--color-primary);
		cursor: pointer;
	}
</style>
