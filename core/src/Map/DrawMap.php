<?php

declare(strict_types=1);

namespace OpenBaton\Core\Map;

use OpenBaton\Core\Flow\Duty\Duty;
use OpenBaton\Core\Flow\Gate\RunFinished;
use OpenBaton\Core\Flow\Run\Block;
use OpenBaton\Core\Flow\Run\Runsheet;
use OpenBaton\Core\Flow\Run\Sequence;
use OpenBaton\Core\Flow\Run\Step;
use OpenBaton\Core\Flow\Run\Step\ActStep;
use OpenBaton\Core\Flow\Run\Step\ApprovalStep;
use OpenBaton\Core\Flow\Run\Step\RunsheetStep;
use OpenBaton\Core\Flow\Run\Step\TaskStep;
use OpenBaton\Core\Flow\Track;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\FollowUp\FollowUp;
use OpenBaton\Core\Rulebook\FollowUp\MoveStage;
use OpenBaton\Core\Rulebook\FollowUp\OpenCase;
use OpenBaton\Core\Rulebook\FollowUp\StartRunsheet;
use OpenBaton\Core\Rulebook\Pool\Pool;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Subject\CaseFields;

/** Puts what is defined in a house on its map. */
final class DrawMap
{
    /** @var array<string, MapNode> */
    private array $nodes = [];

    /** @var array<string, MapArrow> */
    private array $arrows = [];

    private function __construct(private readonly WhoMapped $who) {}

    /**
     * @param list<Track>    $tracks    that are published, as are the others
     * @param list<Runsheet> $runsheets
     * @param list<Duty>     $duties
     * @param list<Rule>     $rules     those that act
     * @param int            $now       instant at which it is asked who is there
     */
    public static function of(
        array $tracks,
        array $runsheets,
        array $duties,
        array $rules,
        Roster $roster,
        int $now,
    ): HouseMap {
        $drawn = new self(new WhoMapped($roster, $now));
        array_map($drawn->track(...), $tracks);
        array_map($drawn->runsheet(...), $runsheets);
        array_map($drawn->duty(...), $duties);
        array_map($drawn->rule(...), $rules);
        $nodes = $drawn->nodes + $drawn->who->nodes();

        // What leads to something that is not there, such as a runsheet that is not published yet, leads nowhere.
        return new HouseMap(
            $nodes,
            array_filter(
                $drawn->arrows,
                static fn(MapArrow $arrow): bool => isset($nodes[$arrow->from], $nodes[$arrow->to]),
            ),
        );
    }

    private function track(Track $track): void
    {
        $group = $this->node(new MapNode(NodeKind::Track, $track->id, $track->name));
        $before = null;
        foreach ($track->stages as $stage) {
            if ($stage->retired) {
                continue;
            }
            $id = $this->node(new MapNode(NodeKind::Stage, $stage->key, $stage->name, $group));
            if ($before !== null) {
                $this->arrow($before, $id, ArrowKind::Next);
            }
            foreach ([...$stage->leave, ...$stage->enter] as $gate) {
                if ($gate instanceof RunFinished) {
                    $this->arrow(MapNode::idOf(NodeKind::Runsheet, $gate->runsheet), $id, ArrowKind::Needs);
                }
            }
            $before = $id;
        }
    }

    private function runsheet(Runsheet $sheet): void
    {
        $group = $this->node(new MapNode(NodeKind::Runsheet, $sheet->id, $sheet->name));
        foreach ($sheet->steps() as $key => $step) {
            $this->step($step, (string) $key, $group);
        }
        $this->order($sheet->root, $group);
    }

    private function step(Step $step, string $key, string $group): void
    {
        $does = $step->does;
        $give = $does instanceof TaskStep ? $does->give : null;
        $pool = $does instanceof ApprovalStep ? $does->people : $give?->pool;
        $can = $give === null ? ($pool === null ? null : $this->who->can($pool)) : $this->who->mayGet($give);
        $id = $this->node(new MapNode(NodeKind::Step, $key, $step->name, $group, $can));
        $this->does($id, $pool);
        if ($does instanceof RunsheetStep) {
            $this->arrow($id, MapNode::idOf(NodeKind::Runsheet, $does->runsheet), ArrowKind::Starts);
        }
        if ($does instanceof ActStep) {
            $this->starts($id, $does->act);
        }
        foreach ($does->datesHangOn() as $other) {
            $this->arrow(MapNode::idOf(NodeKind::Step, $other, $group), $id, ArrowKind::Date);
        }
    }

    /** What comes after what within a block. */
    private function order(Block $block, string $group): void
    {
        $before = null;
        foreach ($block->within() as $one) {
            $this->order($one, $group);
            if (!($block instanceof Sequence)) {
                continue;
            }
            foreach ($before === null ? [] : self::edge($before, true) as $from) {
                foreach (self::edge($one, false) as $to) {
                    $this->arrow(
                        MapNode::idOf(NodeKind::Step, $from, $group),
                        MapNode::idOf(NodeKind::Step, $to, $group),
                        ArrowKind::Next,
                    );
                }
            }
            $before = $one;
        }
    }

    /** @return list<string> keys of the steps with which a block begins or ends */
    private static function edge(Block $block, bool $ends): array
    {
        if ($block instanceof Step) {
            return [$block->key()];
        }
        $within = $block->within();
        if ($block instanceof Sequence) {
            $within = array_slice($within, $ends ? -1 : 0, 1);
        }

        return array_merge([], ...array_map(static fn(Block $one): array => self::edge($one, $ends), $within));
    }

    private function duty(Duty $duty): void
    {
        $group = $this->node(new MapNode(NodeKind::Duties, ''));
        $give = $duty->template->give;
        $can = $give === null ? null : $this->who->mayGet($give);
        $this->does($this->node(new MapNode(NodeKind::Duty, $duty->id, $duty->name, $group, $can)), $give?->pool);
    }

    private function rule(Rule $rule): void
    {
        $starts = array_filter($rule->followUps, self::isStart(...));
        if ($rule->give === null && $starts === []) {
            return;
        }
        $group = $this->node(new MapNode(NodeKind::Rules, ''));
        $can = $rule->give === null ? null : $this->who->mayGet($rule->give);
        $id = $this->node(new MapNode(NodeKind::Rule, $rule->id, $rule->name, $group, $can));
        $this->does($id, $rule->give?->pool);
        foreach ($starts as $one) {
            $this->starts($id, $one);
        }
    }

    private static function isStart(FollowUp $act): bool
    {
        return $act instanceof StartRunsheet || $act instanceof OpenCase || $act instanceof MoveStage;
    }

    private function starts(string $from, FollowUp $act): void
    {
        if ($act instanceof StartRunsheet) {
            $this->arrow($from, MapNode::idOf(NodeKind::Runsheet, $act->runsheet), ArrowKind::Starts);
        }
        if ($act instanceof OpenCase && $act->stage === null) {
            $this->arrow($from, MapNode::idOf(NodeKind::Track, $act->track), ArrowKind::Starts);
        }
        $stage = $act instanceof OpenCase || $act instanceof MoveStage ? $act->stage : null;
        if ($stage !== null) {
            $this->arrow($from, self::stageNode($stage), ArrowKind::Starts);
        }
    }

    /** @param string $value of the field of the stage: it names its track, too */
    private static function stageNode(string $value): string
    {
        [$track, $key] = CaseFields::partsOf($value);

        return MapNode::idOf(NodeKind::Stage, $key, MapNode::idOf(NodeKind::Track, $track));
    }

    private function does(string $work, ?Pool $pool): void
    {
        foreach ($pool === null ? [] : $this->who->places($pool) as $place) {
            $this->arrow($work, $place, ArrowKind::Does);
        }
    }

    private function node(MapNode $node): string
    {
        $this->nodes[$node->id] ??= $node;

        return $node->id;
    }

    private function arrow(string $from, string $to, ArrowKind $kind): void
    {
        $arrow = new MapArrow($from, $to, $kind);
        $this->arrows[$arrow->key()] = $arrow;
    }
}
