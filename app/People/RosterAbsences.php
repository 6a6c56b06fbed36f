<?php

declare(strict_types=1);

namespace App\People;

use App\Models\Absences\Absence;
use App\Models\People\Person;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Absence\HandBackPolicy;
use OpenBaton\Core\Absence\HeldPolicy;
use OpenBaton\Core\Document\Node;

/** Writes the absences of a roster document into the tables. */
final readonly class RosterAbsences
{
    public function __construct(private RosterRows $rows, private bool $remove) {}

    /** @param array<array-key, string> $people */
    public function write(Node $node, array $people): void
    {
        $slugs = [];
        $moment = static fn(?Node $at): ?CarbonImmutable => $at === null
            ? null
            : CarbonImmutable::createFromTimestampUTC($at->instant());
        foreach ($node->itemsOf('absences') as $item) {
            $slugs[] = $slug = $item->get('id')->text();
            $absence = $this->rows->put(new Absence(), $slug, [
                'person_id' => $people[$item->get('person')->text()],
                'first_day' => $item->find('first')?->text(),
                'last_day' => $item->find('last')?->text(),
                'from' => $moment($item->find('from')),
                'to' => $moment($item->find('to')),
                'status' => $item->get('status')->text(),
                'held' => $item->find('held')?->text() ?? HeldPolicy::FallsDue->value,
                'hand_back' => $item->find('hand_back')?->text() ?? HandBackPolicy::Untouched->value,
            ]);
            $this->substitutes($absence, $item->itemsOf('substitutes'), $people);
        }
        if ($this->remove) {
            Absence::query()->whereNotIn('slug', $slugs)->delete();
        }
    }

    /**
     * @param list<Node>               $items
     * @param array<array-key, string> $people
     */
    private function substitutes(Absence $absence, array $items, array $people): void
    {
        $ids = $only = [];
        foreach ($items as $item) {
            $ids[] = $id = $people[($item->isObject() ? $item->get('person') : $item)->text()];
            if ($item->isObject() && $item->has('only')) {
                /** @var array<string, mixed> $criteria */
                $criteria = json_decode((string) json_encode($item->get('only')->value), true);
                $only[$id] = $criteria;
            }
        }
        $known = $absence->substitutes
            ->mapWithKeys(static fn(Person $one): array => [$one->id => data_get($one, 'pivot.only')])
            ->all();
        // Those who are asked, in that order, each for the same work.
        if (array_map(strval(...), array_keys($known)) !== $ids || array_filter($known) !== $only) {
            $absence->syncSubstitutes($ids, $only);
        }
    }
}
