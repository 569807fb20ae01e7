<script lang="ts">
	import {
		BAG_GROUPS,
		formatForce,
		formatMessage,
		type BagItem,
		type Styles,
		massUnitOf
	} from '$lib/core/index.ts';

	interface Props {
		items: readonly BagItem[];
		styles: Styles;
		packed: (item: BagItem) => boolean;
		onpack: (item: BagItem, packed: boolean) => void;
	}

	let { items, styles, packed, onpack }: Props = $props();

	const groups = $derived(
		Object.entries(BAG_GROUPS)
			.map(([group, name]) => ({ name, items: items.filter((item) => item.group === group) }))
			.filter(({ items }) => items.length > 0)
	);
	const unit = $derived(massUnitOf(styles.lead));
</script>

{#each groups as group (group.name)}
	<h3>{group.name}</h3>
	<ul>
		{#each group.items as item (item.key)}
			<li>
				<label>
					<input
						class="checkbox"
						type="checkbox"
						checked={packed(item)}
						onchange={(event) => onpack(item, event.currentTarget.checked)}
					/>
					<span class="count measure">{item.count === null ? '' : item.count + item.spare}</span>
					<span class="what">
						{formatMessage(item.name, styles.lead)}{item.rated === null
							? ''
							: `, rated ${formatForce(item.rated, unit)} or more`}
						<span class="for">
							{[
								item.letters.length > 0 ? `for ${item.letters.join(', ')}` : '',
								item.spare > 0 ? `${item.spare} to spare` : '',
								item.stock === null ? '' : `${item.stock} at hand`
							]
								.filter(Boolean)
								.join(' · ')}
						</span>
					</span>
				</label>
			</li>
		{/each}
	</ul>
{/each}

<style>
	h3 {
		margin-top: 0.6rem;
		font-size: var(--text-base);
	}

	label {
		display: grid;
		grid-template-columns: auto 1.6rem 1fr;
		gap: 0.5rem;
		align-items: baseline;
		padding: 0.25rem 0;
		line-height: 1.2;
		cursor: pointer;
	}

	.checkbox {
		width: 1.25rem;
		height: 1.25rem;
		align-self: center;
	}

	.count {
		font-size: var(--text-xl);
		text-align: right;
	}

	.for {
		display: block;
		color: var(--graphite-soft);
		font-size: var(--text-xs);
	}

	@media print {
		.for {
			color: var(--sheet-note);
		}
	}
</style>
