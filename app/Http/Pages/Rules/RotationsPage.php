<?php

declare(strict_types=1);

namespace App\Http\Pages\Rules;

use App\Bridge\RotationStore;
use App\Explain\Narrowing;
use App\Explain\PartWords;
use App\Explain\TraceWords;
use App\Http\Pages\Moment;
use App\Http\Viewer;
use App\Models\Rules\Rotation;
use App\Models\Rules\RotationTurn;
use App\Models\Rules\RulebookVersion;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Check\RotationUse;
use OpenBaton\Core\Document\AttemptFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\People\Availability;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\Routing\Rotation as CoreRotation;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\Rule;

/** The rotations of the house, and one of them closer. Its type is RotationsPage.ts. */
final readonly class RotationsPage
{
    /** So many turns to come are shown at most, and so many of the last. */
    private const SHOWN = 12;

    /** Beyond so many turns nobody asks in how many it is theirs. */
    private const LOOKED_AHEAD = 400;

    public function __construct(private Viewer $viewer) {}

    /** @return array<string, mixed> */
    public function props(string $asked): array
    {
        $house = $this->viewer->snapshot();
        $now = CarbonImmutable::now()->getTimestamp();
        $rules = RotationUse::rules($this->viewer->house()->rulebook()->rulebook);
        $names = array_map(strval(...), array_keys($rules));
        foreach (
            Rotation::query()
                ->orderBy('name')
                ->get(['name'])
            as $row
        ) {
            if (!isset($rules[$row->name])) {
                $names[] = $row->name;
            }
        }
        $chosen = in_array($asked, $names, true) ? $asked : $names[0] ?? null;

        return [
            'rotations' => array_map(
                static fn(string $name): array => ['name' => $name, 'rules' => count($rules[$name] ?? [])],
                $names,
            ),
            'rotation' =>
                $chosen === null
                    ? null
                    : $this->closer($chosen, RotationUse::of($rules[$chosen] ?? [], $house->roster, $now), $now),
            'mayCorrect' => $this->viewer->user()->can('write', RulebookVersion::class),
        ];
    }

    /** @return array<string, mixed> */
    private function closer(string $name, RotationUse $use, int $now): array
    {
        $house = $this->viewer->snapshot();
        $stored = RotationStore::read([$name], $house)->named($name);
        $members = $use->seatedIn($stored, $house->roster);
        $rotation = $stored->joinedBy(array_values($members));
        $availability = new Availability($house->roster);
        $here = array_filter(
            $members,
            fn(Membership $one): bool => $availability->reasonsAgainst($house->roster->people[$one->personId], $now) ===
                [] &&
                ($use->varies || isset($use->members[$one->personId])),
        );
        $coming = $here === [] ? [] : $rotation->coming(array_values($here), self::ahead($here));

        return [
            'name' => $name,
            'rules' => array_map(
                static fn(Rule $rule): array => ['id' => $rule->id, 'name' => $rule->name],
                $use->rules,
            ),
            'varies' => $use->varies,
            'coming' => array_map($this->name(...), array_slice($coming, 0, self::round($coming))),
            'seats' => $this->seats($members, $rotation, $coming, $use, $now),
            'turns' => $this->turns($name),
        ];
    }

    /** @param non-empty-array<array-key, Membership> $here */
    private static function ahead(array $here): int
    {
        $weights = array_map(static fn(Membership $one): int => $one->weight, $here);

        return max(self::SHOWN, min(self::LOOKED_AHEAD, 2 * intdiv(array_sum($weights), min($weights))));
    }

    /**
     * How many turns it takes until everybody has had one, as far as they are shown.
     *
     * @param list<string> $coming
     */
    private static function round(array $coming): int
    {
        $firsts = array_unique($coming);

        return min(self::SHOWN, (array_key_last($firsts) ?? -1) + 1);
    }

    private function name(string $personId): string
    {
        return $this->viewer->snapshot()->roster->people[$personId]->name;
    }

    /**
     * @param array<array-key, Membership> $members
     * @param list<string>                 $coming
     *
     * @return list<array<string, mixed>> those whose turn comes first, first
     */
    private function seats(array $members, CoreRotation $rotation, array $coming, RotationUse $use, int $now): array
    {
        $roster = $this->viewer->snapshot()->roster;
        $seats = [];
        foreach ($members as $member) {
            $turn = array_search($member->personId, $coming, true);
            $until = $roster->awayUntil($member->personId, $now);
            $seats[] = [
                'person' => $member->personId,
                'name' => $this->name($member->personId),
                'weight' => $member->weight,
                'turn' => $turn === false ? null : $turn + 1,
                'awayUntil' => $until === null ? null : Moment::of(CarbonImmutable::createFromTimestampUTC($until)),
                'left' => !$use->varies && !isset($use->members[$member->personId]),
            ];
        }
        usort(
            $seats,
            static fn(array $one, array $other): int => [
                $one['turn'] ?? PHP_INT_MAX,
                $rotation->passes[$one['person']],
            ] <=> [$other['turn'] ?? PHP_INT_MAX, $rotation->passes[$other['person']]],
        );

        return $seats;
    }

    /** @return list<array<string, mixed>> the latest first */
    private function turns(string $name): array
    {
        $house = $this->viewer->words();
        $narrowing = new Narrowing($house, new TraceWords($house, new PartWords($house, KindRegistry::standard())));
        $turns = RotationTurn::query()
            ->whereIn('rotation_id', Rotation::query()->select('id')->where('name', $name))
            ->with(['person', 'inPlaceOf', 'task', 'user'])
            ->orderByDesc('id')
            ->limit(self::SHOWN)
            ->get();

        return array_values(
            $turns
                ->map(
                    static fn(RotationTurn $one): array => [
                        'id' => $one->id,
                        'kind' => $one->kind->value,
                        'at' => Moment::of($one->at),
                        'person' => $one->person?->name,
                        'inPlaceOf' => $one->inPlaceOf?->name,
                        'task' => $one->task === null ? null : ['id' => $one->task->id, 'number' => $one->task->number],
                        'by' => $one->user?->name,
                        'reason' => $one->reason,
                        'passedOver' => array_map(
                            static fn(mixed $over): array => $narrowing->excluded(
                                Node::root(AttemptFormat::excluded(Node::root($over))),
                            ),
                            $one->passed_over,
                        ),
                    ],
                )
                ->all(),
        );
    }
}
