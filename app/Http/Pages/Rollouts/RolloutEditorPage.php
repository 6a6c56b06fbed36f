<?php

declare(strict_types=1);

namespace App\Http\Pages\Rollouts;

use App\Fields\Choices;
use App\Http\Pages\Rules\Vocabulary;
use App\Http\Viewer;
use App\Models\House\House as HouseRow;
use App\Models\Rollouts\Rollout;
use App\Rollouts\Trees;
use OpenBaton\Core\Flow\Rollout\RolloutFields;
use OpenBaton\Core\Flow\Rollout\TreeNode;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Time\LocalDate;

/** A rollout that is written. Its type is RolloutEditorPage.ts. */
final readonly class RolloutEditorPage
{
    /** Months after which it comes again, unless somebody says otherwise. */
    private const AGAIN = 3;

    public function __construct(private Viewer $viewer) {}

    /**
     * @param Rollout|null $again one that is to come again; null: a new one
     *
     * @return array<string, mixed>
     */
    public function props(?Rollout $again): array
    {
        $words = $this->viewer->words()->words;
        $trees = $fields = [];
        foreach (array_keys(Trees::ATTRIBUTES) as $tree) {
            $trees[$tree] = array_map(
                static fn(TreeNode $node): array => [
                    'id' => $node->id,
                    'name' => $node->name,
                    'parent' => $node->parentId,
                    'level' => $node->level,
                ],
                array_values(Trees::of($tree, $this->viewer->snapshot())->nodes),
            );
        }
        foreach (array_keys(RolloutFields::TYPES) as $path) {
            $fields[$path] = $words->say("field.{$path}");
        }

        return [
            'document' => $again === null ? null : self::moved($again->document),
            'trees' => $trees,
            'levels' => Choices::of(HouseRow::query()->firstOrFail()->levels()),
            'attributes' => Trees::ATTRIBUTES,
            'fields' => Choices::of($fields),
            'vocabulary' => (new Vocabulary(KindRegistry::standard()))->of($this->viewer->snapshot()),
        ];
    }

    /**
     * The same with its days a quarter later.
     *
     * @param array<array-key, mixed> $document
     *
     * @return array<array-key, mixed>
     */
    private static function moved(array $document): array
    {
        foreach (['start', 'due'] as $day) {
            if (is_string($document[$day] ?? null)) {
                $document[$day] = LocalDate::parse($document[$day])->plusMonths(self::AGAIN)->format();
            }
        }

        return $document;
    }
}
