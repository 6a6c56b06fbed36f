<?php

declare(strict_types=1);

namespace App\Intake;

use App\Access\RequestKey;
use App\Models\Access\User;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Document\OwnGiveFormat;

/** That a task arrives: when and by whom, and the id that it will have. */
final readonly class Arrival
{
    public string $taskId;

    /** Instant. */
    public int $at;

    /** Null: somebody who is not signed in. */
    public ?string $byUserId;

    /** Who brings it in, by slug, where it is somebody of the house. */
    public ?string $byPerson;

    /**
     * @param string|null $holder who has it from the beginning, by slug
     * @param string|null $track  on which a case opens with it, by slug
     */
    public function __construct(
        ?User $by,
        private ?RequestKey $key,
        ?string $byPerson = null,
        public ?string $holder = null,
        public ?string $track = null,
    ) {
        $this->byPerson = $byPerson;
        $this->taskId = (new Task())->newUniqueId();
        $this->at = CarbonImmutable::now()->getTimestamp();
        $this->byUserId = $by?->id;
    }

    /** The task that has come, without its state, not yet saved. */
    public function task(IncomingTask $task): Task
    {
        return new Task([
            'id' => $this->taskId,
            'source' => $task->source,
            'contact' => $task->contact,
            'description' => $task->description,
            'arrived_at' => CarbonImmutable::createFromTimestampUTC($this->at),
            'revision' => 1,
            'key_user_id' => $this->key?->userId,
            'key' => $this->key?->key,
            'key_hash' => $this->key?->hash,
            'duty_id' => $task->duty?->id,
            'own_give' => $task->own?->give === null ? null : OwnGiveFormat::write($task->own->give),
        ]);
    }
}
