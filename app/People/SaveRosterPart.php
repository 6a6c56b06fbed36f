<?php

declare(strict_types=1);

namespace App\People;

use App\Access\Actor;
use App\Access\Audit;
use App\Access\Difference;
use App\Bridge\HouseState;
use App\Bridge\RosterDocument;
use App\Database\Slug;
use App\Models\House\House;
use App\Models\People\Skill;
use App\Models\People\Team;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;

/**
 * Adds, changes and takes away teams and skills, and says when the house works: checked with the whole roster and the
 * published rules.
 */
final readonly class SaveRosterPart
{
    public function __construct(private ImportRoster $import) {}

    /**
     * @param 'teams'|'skills'     $list
     * @param string|null          $slug     null: a new one
     * @param array<string, mixed> $document as in a roster document; members of a team stay as they are
     *
     * @throws DocumentError where it is not right; nothing is changed
     */
    public function save(string $list, ?string $slug, array $document, Actor $by): void
    {
        $name = is_string($document['name'] ?? null) ? $document['name'] : $slug;
        $this->change("{$list}_saved", $name, $by, static function (array $roster) use (
            $list,
            $slug,
            $document,
        ): array {
            $items = [];
            foreach ((array) $roster[$list] as $item) {
                $item = (array) $item;
                $items[is_string($item['id'] ?? null) ? $item['id'] : ''] = $item;
            }
            $slug ??= Slug::free(
                is_string($document['name'] ?? null) ? $document['name'] : '',
                $list === 'teams' ? new Team() : new Skill(),
            );
            $kept = array_intersect_key($items[$slug] ?? ($list === 'teams' ? ['members' => []] : []), [
                'members' => true,
            ]);
            $items[$slug] = ['id' => $slug] + $document + $kept;

            return [$list => array_values($items)] + $roster;
        });
    }

    /** @param 'teams'|'skills' $list */
    public function remove(string $list, string $slug, Actor $by): void
    {
        $this->change(
            "{$list}_removed",
            self::name($list, $slug),
            $by,
            static function (array $roster) use ($list, $slug): array {
                $others = array_values(
                    array_filter(
                        (array) $roster[$list],
                        static fn(mixed $item): bool => ((array) $item)['id'] !== $slug,
                    ),
                );
                count($others) < count((array) $roster[$list]) ||
                    throw (new ModelNotFoundException())->setModel($list === 'teams' ? Team::class : Skill::class, [
                        $slug,
                    ]);

                return [$list => $others] + $roster;
            },
            static function () use ($list, $slug): void {
                ($list === 'teams' ? Team::query() : Skill::query())->where('slug', $slug)->delete();
            },
        );
    }

    private static function name(string $list, string $slug): ?string
    {
        return ($list === 'teams' ? Team::query() : Skill::query())->where('slug', $slug)->first()?->name;
    }

    /** @param array<string, mixed> $document zone, hours, holidays and exceptions of the house */
    public function house(array $document, Actor $by): void
    {
        $this->change(
            'house_hours_saved',
            null,
            $by,
            static fn(array $roster): array => ['house' => $document] + $roster,
        );
    }

    /**
     * @param string|null                                          $name   of what is changed
     * @param callable(array<string, mixed>): array<string, mixed> $change of the roster as a document
     * @param (callable(): void)|null                               $besides
     */
    private function change(string $event, ?string $name, Actor $by, callable $change, ?callable $besides = null): void
    {
        DB::transaction(function () use ($event, $name, $by, $change, $besides): void {
            HouseState::lock();
            $before = RosterDocument::build(House::query()->firstOrFail());
            $document = $change($before);
            $node = Node::root(json_decode((string) json_encode($document)));
            $this->import->check($node);
            (new RosterWriter(false))->writeFrame($node);
            $besides === null || $besides();
            RosterImported::dispatch(CarbonImmutable::now()->getTimestamp());
            Audit::record(
                $by,
                'roster',
                $event,
                'changed the teams, skills or hours of the house',
                null,
                Difference::between($before, $document) + ['name' => $name],
            );
        }, attempts: 3);
    }
}
