<?php

declare(strict_types=1);

namespace App\Http\Pages\Map;

use App\Explain\HouseWords;
use App\Explain\PartWords;
use App\Models\Map\MapNode;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Map\NodeKind;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\KindRegistry;

/** What places of the map are called. */
final readonly class NodeNames
{
    private PartWords $parts;

    public function __construct(private HouseWords $house)
    {
        $this->parts = new PartWords($house, KindRegistry::standard());
    }

    public function of(MapNode $node): string
    {
        return match (true) {
            $node->pool !== null => $this->parts->say(Family::Pool, Node::root($node->pool)),
            in_array($node->kind, [NodeKind::Duties, NodeKind::Rules, NodeKind::People, NodeKind::Pools], true)
                => $this->house->words->say("map.groups.{$node->kind->value}"),
            default => $node->name,
        };
    }

    /** @return array{node: string, kind: string, name: string, within: string|null} a MapPlace of MapPage.ts */
    public function place(MapNode $node): array
    {
        return [
            'node' => $node->node,
            'kind' => $node->kind->value,
            'name' => $this->of($node),
            'within' => $node->group === null ? null : $this->of($node->group),
        ];
    }
}
