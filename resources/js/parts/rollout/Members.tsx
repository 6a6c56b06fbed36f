import type { RolloutDocument, TreeNode } from '@props/Rollouts/RolloutEditorPage';
import type { Option } from '@props/Rules/Vocabulary';
import { useState } from 'react';
import { depths, isWithin, toggled } from '@/lib/rollout';
import { say } from '@/lib/words';
import { WordChoice } from '@/parts/rule/Word';
import { Button } from '@/ui/Button';
import { Line } from '@/ui/Line';

type Props = {
    rollout: RolloutDocument;
    trees: Record<string, TreeNode[]>;
    /** of places */
    levels: Option[];
    attributes: Record<string, string[]>;
    onChange: (more: Partial<RolloutDocument>) => void;
};

/** Which parts of a tree: each with all that lies in it. What lies in a chosen one is chosen with it. */
function Branches({ nodes, rollout, onChange }: { nodes: TreeNode[] } & Pick<Props, 'rollout' | 'onChange'>) {
    const [all, setAll] = useState(false);
    const deep = depths(nodes);
    const { branches } = rollout;
    // The two uppermost levels are what one chooses by, as a rule.
    const shown = nodes.filter((node) => all || (deep.get(node.id) ?? 0) < 2 || branches.includes(node.id));
    return (
        <div className="max-h-72 overflow-auto" tabIndex={0} role="group" aria-label={say('rollout.for_whom')}>
            <p className="text-ink2">{say('rollout.chosen', { count: branches.length })}</p>
            {shown.map((node) => {
                const within = isWithin(nodes, branches, node.id);
                return (
                    <label
                        key={node.id}
                        className="flex items-center gap-2 py-0.5"
                        style={{ paddingInlineStart: `${(deep.get(node.id) ?? 0) * 20}px` }}
                    >
                        <input
                            type="checkbox"
                            aria-label={say('rollout.choose_part', { part: node.name })}
                            checked={within || branches.includes(node.id)}
                            disabled={within}
                            onChange={() => onChange({ branches: toggled(nodes, branches, node.id) })}
                        />
                        {node.name}
                    </label>
                );
            })}
            {shown.length < nodes.length && (
                <Button look="quiet" onClick={() => setAll(true)}>
                    {say('rollout.all_parts', { count: nodes.length })}
                </Button>
            )}
        </div>
    );
}

/** For whom it is. */
export function Members({ rollout, trees, levels, attributes, onChange }: Props) {
    const nodes = trees[rollout.tree] ?? [];
    const known = levels.filter((level) => nodes.some((node) => node.level === level.value));
    return (
        <section className="box px-4 py-2" aria-label={say('rollout.for_whom')}>
            <h2 className="py-1 font-semibold">{say('rollout.for_whom')}</h2>
            <Line word={say('rollout.over')}>
                <WordChoice
                    label={say('rollout.over')}
                    value={rollout.tree}
                    options={Object.keys(trees).map((tree) => ({ value: tree, label: say(`rollout.tree.${tree}`) }))}
                    onChange={(tree) =>
                        onChange({
                            tree,
                            branches: [],
                            levels: [],
                            without: [],
                            holder: attributes[tree]?.[0] ?? '',
                            reviewer: '',
                        })
                    }
                />
            </Line>
            <Line word={say('rollout.parts')}>
                <Branches nodes={nodes} rollout={rollout} onChange={onChange} />
            </Line>
            {known.length > 0 && (
                <Line word={say('rollout.levels')}>
                    <WordChoice
                        label={say('rollout.levels')}
                        value={rollout.levels[0] ?? ' '}
                        options={[{ value: ' ', label: say('rollout.any_level') }, ...known]}
                        onChange={(level) => onChange({ levels: level === ' ' ? [] : [level] })}
                    />
                </Line>
            )}
            {rollout.without.length > 0 && (
                <Line word="">
                    {say('rollout.left_out', { count: rollout.without.length })}{' '}
                    <Button look="quiet" onClick={() => onChange({ without: [] })}>
                        {say('rollout.take_in_again')}
                    </Button>
                </Line>
            )}
        </section>
    );
}
