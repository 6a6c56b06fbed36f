<?php

declare(strict_types=1);

namespace App\Rollouts;

use App\Bridge\Snapshot;
use App\Models\Customers\Customer;
use App\Models\People\Place;
use App\Models\People\PlaceTree;
use OpenBaton\Core\Flow\Rollout\Tree;
use OpenBaton\Core\Flow\Rollout\TreeNode;

/** The trees of the house over which rollouts go. */
final class Trees
{
    public const PLACES = 'places';

    public const TEAMS = 'teams';

    /** @var array<string, list<string>> attributes of their nodes by which somebody answers, by code */
    public const ATTRIBUTES = [self::PLACES => ['responsible', 'deputy'], self::TEAMS => ['lead']];

    /** @param string $tree a key of ATTRIBUTES */
    public static function of(string $tree, Snapshot $house): Tree
    {
        return $tree === self::TEAMS ? self::teams($house) : self::places();
    }

    /** A place is of the customer that is there, where there is one alone. */
    private static function places(): Tree
    {
        $customers = Customer::query()
            ->offered()
            ->whereNotNull('place_id')
            ->get(['id', 'place_id'])
            ->groupBy('place_id');
        $layers = [];
        foreach (PlaceTree::downFrom(null, Tree::MOST) as $layer) {
            $layer->load(['responsible', 'deputy']);
            foreach ($layer as $place) {
                $there = $customers->get($place->id);
                if ($place->retired_at === null) {
                    $layers[$place->parent_id ?? ''][] = self::place(
                        $place,
                        $there?->count() === 1 ? $there->first()?->id : null,
                    );
                }
            }
        }

        return new Tree(self::inOrder($layers, ''));
    }

    private static function place(Place $place, ?string $customerId): TreeNode
    {
        return new TreeNode(
            $place->id,
            $place->name,
            $place->parent_id,
            $place->level,
            array_filter([
                'responsible' => $place->responsible?->slug,
                'deputy' => $place->deputy?->slug,
            ]),
            $customerId,
        );
    }

    private static function teams(Snapshot $house): Tree
    {
        $within = [];
        foreach ($house->roster->teams as $team) {
            $within[$team->parentId ?? ''][] = new TreeNode(
                $team->id,
                $team->name,
                $team->parentId,
                null,
                array_filter(['lead' => $team->leadId]),
            );
        }

        return new Tree(self::inOrder($within, ''));
    }

    /**
     * Each node before what lies in it. What lies in one that is not there is left out.
     *
     * @param array<array-key, list<TreeNode>> $within by what they lie in; "" for those at the top
     *
     * @return list<TreeNode>
     */
    private static function inOrder(array $within, string $parent): array
    {
        $nodes = [];
        foreach ($within[$parent] ?? [] as $node) {
            array_push($nodes, $node, ...self::inOrder($within, $node->id));
        }

        return $nodes;
    }
}
