<?php

declare(strict_types=1);

namespace App\DomainEvents;

use App\Database\Id;
use App\Database\Stamp;
use App\Models\Casts\Document;
use App\Models\Events\RecordedEvent;
use Illuminate\Support\Facades\DB;

/**
 * Writes what happens within one transaction, for consumers to be handed after
 * its commit. The transaction holds the lock of the house: so numbers grow in
 * the order of commits, and a consumer that has come to a number has missed none.
 */
final class EventLog
{
    private const PIECE = 500;

    /** @var list<array<string, mixed>> */
    private array $rows = [];

    private readonly string $chain;

    /** @param int $at instant */
    public function __construct(private readonly int $at)
    {
        $this->chain = Id::next();
    }

    /**
     * @param string|null $userId who did it; null: nobody who is signed in
     */
    public function add(About $about, ?string $userId, DomainEvent $event): void
    {
        $this->rows[] = [
            'kind' => $event::code(),
            'at' => Stamp::of($this->at),
            ...$about->columns(),
            'user_id' => $userId,
            'chain' => $this->chain,
            'data' => Document::encode($event->write()),
        ];
    }

    public function save(): void
    {
        if ($this->rows === []) {
            return;
        }
        foreach (array_chunk($this->rows, self::PIECE) as $rows) {
            RecordedEvent::query()->insert($rows);
        }
        $this->rows = [];
        // A worker looks for events by itself. Where there is none, they are handed out at once.
        if (config('queue.default') === 'sync') {
            DB::afterCommit(static fn(): mixed => rescue(static fn() => app(HandOut::class)()));
        }
    }
}
