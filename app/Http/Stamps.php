<?php

declare(strict_types=1);

namespace App\Http;

use App\Database\Row;
use App\Models\Events\Notice;
use App\Models\Events\RecordedEvent;
use App\Models\House\House;
use App\Models\Messages\MessageStep;
use App\Models\People\Person;
use App\Models\Rules\RulebookVersion;
use App\Models\Tasks\Handoff;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Workload\TaskStatus;

/**
 * Stamps of what pages show: one of all, by one query, and one for each topic,
 * which are asked for where that has moved. A stamp that is the same says that
 * nothing has changed; nothing is written to keep them.
 */
final class Stamps
{
    /** Tasks of one's own of which it is seen that they have changed. */
    private const MINE = 400;

    private readonly Row $row;

    /** @var array<string, Person|null> by sign-in */
    private array $people = [];

    /** @var array<string, int> likewise */
    private array $unread = [];

    public function __construct()
    {
        $row = House::query()
            ->select(['changes', 'roster_revision', 'customer_revision', 'draft_revision'])
            // Arrivals by the number of the last task, changes by what was recorded of them.
            ->addSelect(['arrived' => Task::query()->select('number')->latest('number')->limit(1)])
            ->addSelect(['recorded' => RecordedEvent::query()->select('id')->latest('id')->limit(1)])
            ->addSelect(['told' => Notice::query()->select('id')->latest('id')->limit(1)])
            ->addSelect(['said' => MessageStep::query()->select('id')->latest('id')->limit(1)])
            ->addSelect(['version' => RulebookVersion::query()->published()->select('id')->limit(1)])
            ->toBase()
            ->first();
        $this->row = new Row(
            $row ??
                (object) [
                    'changes' => 0,
                    'roster_revision' => 0,
                    'customer_revision' => 0,
                    'draft_revision' => 0,
                    'arrived' => null,
                    'recorded' => null,
                    'told' => null,
                    'said' => null,
                    'version' => null,
                ],
        );
    }

    /** Of everything. */
    public function all(): string
    {
        return implode('.', [
            $this->work(),
            $this->house(),
            $this->rules(),
            $this->row->textOrNull('told'),
            $this->messages(),
        ]);
    }

    /**
     * @param list<string> $topics work, house, rules, messages, mine, strip, or task: with its id
     *
     * @return array<string, string> by topic, of those that there are
     */
    public function of(array $topics, string $userId): array
    {
        $stamps = [];
        foreach ($topics as $topic) {
            $stamps[$topic] = match (true) {
                $topic === 'work' => $this->work(),
                $topic === 'house' => $this->house(),
                $topic === 'rules' => $this->rules(),
                $topic === 'messages' => $this->messages(),
                $topic === 'mine' => $this->mine($userId),
                $topic === 'strip' => $this->strip($userId),
                str_starts_with($topic, 'task:') => self::task(substr($topic, strlen('task:'))),
                default => null,
            };
        }

        return array_filter($stamps, is_string(...));
    }

    /** Anything about any task. */
    private function work(): string
    {
        return "{$this->row->intOrNull('arrived')}-{$this->row->intOrNull('recorded')}";
    }

    /** People, teams, absences, customers, settings, and what the clock makes of them. */
    private function house(): string
    {
        return "{$this->row->int('changes')}-{$this->row->int('roster_revision')}-{$this->row->int(
            'customer_revision',
        )}";
    }

    /** What leaves the house. */
    private function messages(): string
    {
        return (string) $this->row->intOrNull('said');
    }

    private function rules(): string
    {
        return "{$this->row->int('draft_revision')}-{$this->row->textOrNull('version')}";
    }

    /** What somebody holds, reviews, may claim, has done, and is told. */
    private function mine(string $userId): ?string
    {
        $person = $this->person($userId);
        if ($person === null) {
            return null;
        }
        $tasks = [];
        foreach (
            [
                Task::query()->open()->heldBy($person->id),
                Task::query()->where('status', TaskStatus::InReview)->where('reviewer_id', $person->id),
                Task::query()
                    ->claimable()
                    ->whereHas(
                        'claimants',
                        static fn(Builder $claimants): Builder => $claimants->whereKey($person->id),
                    ),
            ]
            as $query
        ) {
            $tasks[] = $query->orderBy('id')->limit(self::MINE)->pluck('revision', 'id')->all();
        }

        return hash(
            'xxh3',
            serialize([
                $tasks,
                $this->unread($userId),
                Notice::query()->where('person_id', $person->id)->latest('at')->latest('id')->first('id')?->id,
            ]),
        );
    }

    private function person(string $userId): ?Person
    {
        return $this->people[$userId] ??= Person::query()->where('user_id', $userId)->first('id');
    }

    /** Asked for once, however many topics have it. */
    private function unread(string $userId): ?int
    {
        $person = $this->person($userId);

        return $person === null ? null : ($this->unread[$userId] ??= Notice::unreadBy($person->id));
    }

    /** What stands at the bottom of every page. */
    private function strip(string $userId): string
    {
        return implode('-', [
            $this->unread($userId),
            Task::query()->unplaced()->count(),
            Handoff::query()->latest('id')->first('id')?->id,
            $this->house(),
            $this->row->textOrNull('version'),
        ]);
    }

    /** It, and what is sent about it. */
    private static function task(string $id): string
    {
        $said = MessageStep::query()->whereRelation('message', 'task_id', $id)->latest('id')->first('id')?->id;

        return Task::query()->whereKey($id)->first('revision')?->revision . "-{$said}";
    }
}
