<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Access\Actor;
use App\Bridge\Snapshot;
use App\Fields\FieldProviders;
use App\Models\Access\User;
use App\Models\Tasks\Task;
use App\Words\Words;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Faults;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Subject\TaskSubject;

/**
 * Changes fields of a task that others may be changing too: what the person saw
 * of each goes along. Fields that nobody else has changed are taken; of the
 * others it is said what they are by now, and nothing of them is overwritten.
 */
final readonly class EditFields
{
    public function __construct(private EditTask $edit, private Words $words, private FieldProviders $providers) {}

    /**
     * @param Node $seen the values that the person saw, by path
     * @param Node $set  those that they want, by path
     * @param int|null $revision that they saw, all of it: then nothing else is asked of what they saw
     *
     * @return list<array{path: string, theirs: mixed, yours: mixed}> what somebody else has changed in the meantime
     *
     * @throws DocumentError with all that is wrong with it; nothing is changed
     */
    public function __invoke(Task $task, Node $seen, Node $set, User $by, ?int $revision = null): array
    {
        $conflicts = [];
        ($this->edit)(
            $task->id,
            $revision,
            new Edit('edited', function (TaskSubject $subject, Snapshot $house) use (
                $seen,
                $set,
                $revision,
                &$conflicts,
            ): TaskSubject {
                $fields = new EditableFields($house, $this->words, $this->providers);
                $faults = new Faults();
                $conflicts = [];
                $after = $subject;
                foreach ($set->members() as [$path, $value]) {
                    $changed = $faults->collect(static fn(): TaskSubject => $fields->set($subject, $path, $value));
                    if ($changed === null) {
                        continue;
                    }
                    $now = $fields->value($subject, $path);
                    $was = $seen->find($path)?->value;
                    if ($revision !== null || self::same($now, $was)) {
                        $after = $fields->set($after, $path, $value);
                    } elseif (!self::same($now, $fields->value($changed, $path))) {
                        $conflicts[] = ['path' => $path, 'theirs' => $now, 'yours' => $value->value];
                    }
                }
                $faults->throwIfAny();

                return $after;
            }),
            Actor::user($by),
        );

        return $conflicts;
    }

    private static function same(mixed $one, mixed $other): bool
    {
        $plain = static fn(mixed $value): mixed => $value === '' || $value === [] ? null : $value;

        return json_encode($plain($one)) === json_encode($plain($other));
    }
}
