<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Rulebook\PeopleGroup;
use OpenBaton\Core\Rulebook\RuleContext;

/** Some people, or everyone in a team. */
final readonly class PeopleOrTeam implements ParameterType
{
    public static function control(): Control
    {
        return Control::PeopleOrTeam;
    }

    public function read(Node $node, RuleContext $context): PeopleGroup
    {
        $node->only(['people', 'team']);
        if ($node->has('people') === $node->has('team')) {
            throw $node->unfinished('Give either "people" or "team".');
        }
        /** @var list<string> $people */
        $people = $node->has('people') ? $this->people()->read($node->get('people'), $context) : [];

        return new PeopleGroup(
            $people,
            $node->has('team') ? (new TeamReference())->read($node->get('team'), $context) : null,
        );
    }

    public function write(mixed $value): mixed
    {
        return match (true) {
            !($value instanceof PeopleGroup) => $value,
            $value->team === null => ['people' => $value->people],
            default => ['team' => $value->team],
        };
    }

    public function schema(): array
    {
        return [
            'oneOf' => [
                [
                    'type' => 'object',
                    'properties' => ['people' => $this->people()->schema()],
                    'required' => ['people'],
                    'additionalProperties' => false,
                ],
                [
                    'type' => 'object',
                    'properties' => ['team' => (new TeamReference())->schema()],
                    'required' => ['team'],
                    'additionalProperties' => false,
                ],
            ],
        ];
    }

    public function bounds(): array
    {
        return [];
    }

    private function people(): ListOf
    {
        return new ListOf(new PersonReference());
    }
}
