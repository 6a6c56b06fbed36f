<?php

declare(strict_types=1);

namespace App\DomainEvents;

use App\Models\Events\EventPosition;
use App\Models\Events\RecordedEvent;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Throwable;

/**
 * Hands domain events to those who consume them. Each consumer has its own
 * position, locked while it works: what it writes and how far it has come commit
 * together. An event that fails is tried again later, alone, and in the end left
 * out, so that it does not hold up those behind it for ever.
 */
final readonly class HandOut
{
    private const PIECE = 200;
    /** Of one run: the next goes on. */
    private const MOST_PIECES = 50;
    /** With pauses of 2, 4, 8 … seconds: about four minutes. */
    private const MOST_FAILURES = 7;

    /** @param list<class-string<EventConsumer>> $consumers as the application's provider lists them */
    public function __construct(private array $consumers) {}

    public function __invoke(): void
    {
        $last = RecordedEvent::query()->max('id');
        $last = is_numeric($last) ? (int) $last : 0;
        $positions = EventPosition::query()->get()->keyBy('consumer');
        foreach ($this->consumers as $class) {
            $position = $positions->get($class::name());
            if ($position === null) {
                EventPosition::query()->insertOrIgnore(['consumer' => $class::name()]);
            }
            // Nearly always nothing is new, and that is all that is asked.
            if ($position?->isPausing() !== true && ($position->position ?? 0) < $last) {
                $this->isFor($class, $position->position ?? 0, $last)
                    ? $this->handTo($class)
                    : EventPosition::passOver($class::name(), $last);
            }
        }
    }

    /**
     * Whether anything of what has happened since is for a consumer.
     *
     * @param class-string<EventConsumer> $class
     */
    private function isFor(string $class, int $after, int $last): bool
    {
        return RecordedEvent::query()
            ->whereIn('kind', self::kindsOf($class))
            ->where('id', '>', $after)
            ->where('id', '<=', $last)
            ->exists();
    }

    /**
     * @param class-string<EventConsumer> $class
     *
     * @return list<string>
     */
    private static function kindsOf(string $class): array
    {
        return array_map(static fn(string $kind): string => $kind::code(), $class::kinds());
    }

    /** @param class-string<EventConsumer> $class */
    private function handTo(string $class): void
    {
        /** @var EventConsumer $consumer */
        $consumer = app($class);
        try {
            for (
                $pieces = 0;
                $pieces < self::MOST_PIECES && $this->piece($consumer, self::PIECE) === self::PIECE;
                ++$pieces
            );
        } catch (Throwable) {
            $this->oneByOne($consumer);
        }
    }

    /** Up to the one that fails. */
    private function oneByOne(EventConsumer $consumer): void
    {
        try {
            for ($events = 0; $events < self::PIECE && $this->piece($consumer, 1) === 1; ++$events);
        } catch (Throwable $error) {
            report($error);
            $this->failed($consumer);
        }
    }

    /** @return int how many events there were */
    private function piece(EventConsumer $consumer, int $most): int
    {
        return DB::transaction(static function () use ($consumer, $most): int {
            $position = EventPosition::query()->lockForUpdate()->findOrFail($consumer::name());
            if ($position->isPausing()) {
                return 0;
            }
            $rows = RecordedEvent::query()->where('id', '>', $position->position)->orderBy('id')->limit($most)->get();
            if ($rows->isNotEmpty()) {
                $events = array_values(
                    $rows->whereIn('kind', self::kindsOf($consumer::class))->map(self::handed(...))->filter()->all(),
                );
                if ($events !== []) {
                    $consumer->consume($events);
                }
                $position->comeTo($rows->last()->id);
            }

            return $rows->count();
        }, attempts: 3);
    }

    private function failed(EventConsumer $consumer): void
    {
        DB::transaction(static function () use ($consumer): void {
            $position = EventPosition::query()->lockForUpdate()->findOrFail($consumer::name());
            $position->failures < self::MOST_FAILURES
                ? $position->update([
                    'failures' => $position->failures + 1,
                    'next_try_at' => CarbonImmutable::now()->addSeconds(2 ** ($position->failures + 1)),
                ])
                : $position->comeTo(
                    RecordedEvent::query()->where('id', '>', $position->position)->orderBy('id')->firstOrFail()->id,
                );
        }, attempts: 3);
    }

    /** How far all consumers have come: what is before may be forgotten. */
    public function position(): int
    {
        return EventPosition::ofAll(array_map(static fn(string $class): string => $class::name(), $this->consumers));
    }

    /** @return HandedEvent|null null: it is of a kind that is no more */
    private static function handed(RecordedEvent $row): ?HandedEvent
    {
        $event = EventKinds::read($row->kind, $row->data ?? []);

        return $event === null
            ? null
            : new HandedEvent(
                $row->id,
                $row->at,
                new About($row->task_id, $row->case_id, $row->customer_id),
                $row->user_id,
                $event,
                $row->chain,
            );
    }
}
