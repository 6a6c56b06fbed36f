<?php

declare(strict_types=1);

namespace App\Http\Pages\Rollouts;

use App\Http\Pages\PersonRef;
use App\Http\Pages\Rules\RulebookPage;
use App\Http\Viewer;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use App\Rollouts\ReadRollout;
use App\Rollouts\Trees;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use OpenBaton\Core\Absence\Cover;
use OpenBaton\Core\Absence\SubstituteFinder;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Flow\Rollout\PlannedTask;
use OpenBaton\Core\Flow\Rollout\RolloutPlan;
use OpenBaton\Core\Flow\Rollout\Tree;

/** Every task of a rollout before any is made: whose it would be, what that adds up to, where nobody answers. */
final readonly class RolloutPreview
{
    /** Tasks that are listed; those for which nobody answers come first. */
    private const MOST = 400;

    public function __construct(private Viewer $viewer) {}

    /** @return array<string, mixed> as RolloutEditorPage.ts has it */
    public function of(Node $document): array
    {
        $house = $this->viewer->house();
        try {
            $wanted = ReadRollout::wanted($document, $house);
            $tree = Trees::of($wanted->tree, $house->snapshot);
            $plan = ReadRollout::plan($document, $wanted, $tree, $house);
        } catch (DocumentError $error) {
            return ['faults' => RulebookPage::faults($error->faults), 'plan' => null];
        }

        $at = max(CarbonImmutable::now()->getTimestamp(), $wanted->rollout->startAt ?? 0);

        return ['faults' => [], 'plan' => self::plan($plan, $tree, $this->covers($plan, $at))];
    }

    /** @return array<array-key, Cover> who would have it in the place of each holder, by slug */
    private function covers(RolloutPlan $plan, int $at): array
    {
        $finder = new SubstituteFinder($this->viewer->snapshot()->roster);
        $covers = [];
        foreach (array_keys($plan->byPerson()) as $slug) {
            $covers[$slug] = $finder->find((string) $slug, $at);
        }

        return $covers;
    }

    /**
     * @param array<array-key, Cover> $covers by slug of the holder
     *
     * @return array<string, mixed>
     */
    private static function plan(RolloutPlan $plan, Tree $tree, array $covers): array
    {
        $tasks = $plan->tasks;
        usort($tasks, static fn(PlannedTask $one, PlannedTask $other): int => $other->isGap <=> $one->isGap);
        $counts = [];
        foreach ($plan->byPerson() as $slug => $count) {
            $has = $covers[$slug]->personId ?? null;
            if ($has !== null) {
                $counts[$has] = ($counts[$has] ?? 0) + $count;
            }
        }
        arsort($counts);
        $people = self::people([...array_keys($counts), ...array_keys($covers), ...self::reviewers($plan)]);
        $ref = static fn(?string $slug): ?array => PersonRef::orNull($people->get($slug ?? ''));

        return [
            'total' => count($plan->tasks),
            'gaps' => count($plan->gaps()),
            'tasks' => array_map(
                static fn(PlannedTask $task): array => [
                    'node' => $task->node->id,
                    'name' => $task->node->name,
                    'title' => $task->title,
                    'holder' => $ref($task->holderId),
                    'standsIn' => self::isAway($covers, $task->holderId)
                        ? ['person' => $ref($covers[$task->holderId ?? '']->personId)]
                        : null,
                    'from' =>
                        $task->holderFrom === null || $task->holderFrom === $task->node->id
                            ? null
                            : $tree->nodes[$task->holderFrom]->name,
                    'reviewer' => $ref($task->reviewerId),
                    'isGap' => $task->isGap,
                ],
                array_slice($tasks, 0, self::MOST),
            ),
            'people' => self::loads($counts, $people),
        ];
    }

    /** @param array<array-key, Cover> $covers */
    private static function isAway(array $covers, ?string $holder): bool
    {
        $cover = $covers[$holder ?? ''] ?? null;

        return $cover !== null && $cover->personId !== $cover->namedId;
    }

    /** @return list<string> */
    private static function reviewers(RolloutPlan $plan): array
    {
        return array_values(
            array_filter(
                array_map(static fn(PlannedTask $task): ?string => $task->reviewerId, $plan->tasks),
                is_string(...),
            ),
        );
    }

    /**
     * @param list<array-key> $slugs
     *
     * @return Collection<array-key, Person> by slug
     */
    private static function people(array $slugs): Collection
    {
        return Person::query()->whereIn('slug', array_values(array_unique($slugs)))->get()->keyBy('slug');
    }

    /**
     * @param array<array-key, int>         $counts tasks that come to each, by slug, the most first
     * @param Collection<array-key, Person> $people by slug
     *
     * @return list<array<string, mixed>>
     */
    private static function loads(array $counts, Collection $people): array
    {
        $open = Task::query()
            ->open()
            ->whereIn('assignee_id', $people->modelKeys())
            ->groupBy('assignee_id')
            ->selectRaw('assignee_id, COUNT(*) AS open')
            ->pluck('open', 'assignee_id');
        $lines = [];
        foreach ($counts as $slug => $count) {
            $person = $people->get($slug);
            $has = $open->get($person->id ?? '');
            if ($person !== null) {
                $lines[] = [
                    'person' => PersonRef::of($person),
                    'tasks' => $count,
                    'open' => is_numeric($has) ? (int) $has : 0,
                ];
            }
        }

        return $lines;
    }
}
