<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Bridge\Houses;
use App\Models\People\Place;
use App\Models\Rollouts\Rollout;
use App\Models\Rollouts\RolloutNode;
use App\Rollouts\MakeNode;
use App\Rollouts\ReadRollout;
use App\Rollouts\StartRollout;
use OpenBaton\Core\Document\Node;

/** Rollouts of the small house of the tests, over its places. */
final class Rollouts
{
    /**
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed> a task for each of the schools
     */
    public static function document(array $more = []): array
    {
        return $more + [
            'name' => 'Autumn check',
            'tree' => 'places',
            'branches' => [],
            'levels' => [],
            'without' => [],
            'task_kind' => 'bench-repair',
            'title' => 'Autumn check, ~node.name~ (~node.parent~)',
            'holder' => 'responsible',
        ];
    }

    /** Two districts of the islands: Tobias answers for the Holms, nobody for Greater Sulla; two schools in each. */
    public static function places(): void
    {
        $holms = Place::query()->where('slug', 'the-holms')->sole();
        $sulla = self::place('greater-sulla', 'Greater Sulla', 'district', (string) $holms->parent_id);
        foreach ([$holms, $sulla] as $district) {
            foreach (['primary' => 'Primary School', 'music' => 'Music School'] as $slug => $school) {
                self::place("{$district->slug}-{$slug}", "{$district->name} {$school}", 'school', $district->id);
            }
        }
    }

    /** So many schools more in Greater Sulla. */
    public static function schools(int $count): void
    {
        $sulla = Place::query()->where('slug', 'greater-sulla')->sole();
        for ($number = 1; $number <= $count; ++$number) {
            self::place("school-{$number}", "School {$number}", 'school', $sulla->id);
        }
    }

    /** @param array<string, mixed> $more */
    public static function begin(array $more = []): Rollout
    {
        return app(StartRollout::class)(Node::root(self::document($more)), House::user('hanneke'))->refresh();
    }

    /** Its task, if that is still to be made. */
    public static function make(RolloutNode $node): void
    {
        $document = Node::root($node->rollout()->sole()->document);
        app(MakeNode::class)($node, ReadRollout::kept($document, app(Houses::class)->now())->rollout);
    }

    /** One that is begun, whichever. */
    public static function begun(): Rollout
    {
        return Rollout::query()->first() ?? self::begin();
    }

    private static function place(string $slug, string $name, string $level, string $parentId): Place
    {
        return Place::query()->firstOrCreate(
            ['slug' => $slug],
            ['name' => $name, 'level' => $level, 'parent_id' => $parentId],
        );
    }
}
