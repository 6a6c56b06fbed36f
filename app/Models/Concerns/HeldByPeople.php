<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use App\Models\People\Person;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;

/** Who holds a task: nobody, its assignee, or several together. */
trait HeldByPeople
{
    /**
     * Who holds it together with the assignee, in order.
     *
     * @return BelongsToMany<Person, $this>
     */
    public function holdsWith(): BelongsToMany
    {
        return $this->belongsToMany(Person::class, 'task_holders')
            ->withPivot(['position', 'open'])
            ->orderByPivot('position');
    }

    /** How many hold it. */
    public function holders(): int
    {
        return match (true) {
            $this->assignee_id === null => 0,
            $this->do_together === null => 1,
            default => 1 + $this->holdsWith->count(),
        };
    }

    /** @return list<string> ids of all who hold it */
    public function holderIds(): array
    {
        $others = $this->do_together === null ? [] : $this->holdsWith->modelKeys();

        return array_values(array_filter([$this->assignee_id, ...$others], is_string(...)));
    }

    /** @return list<string> of all who hold it */
    public function holderNames(): array
    {
        $others = $this->holdsWith->map(static fn(Person $one): string => $one->name)->all();

        return $this->assignee === null ? [] : [$this->assignee->name, ...array_values($others)];
    }

    public function isHeldBy(Person $person): bool
    {
        return $this->assignee_id === $person->id ||
            ($this->do_together !== null && $this->holdsWith->contains('id', $person->id));
    }
}
