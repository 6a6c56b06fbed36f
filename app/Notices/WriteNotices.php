<?php

declare(strict_types=1);

namespace App\Notices;

use App\Database\Id;
use App\DomainEvents\EventConsumer;
use App\DomainEvents\HandedEvent;
use App\DomainEvents\PeopleTold;
use App\DomainEvents\PersonMentioned;
use App\DomainEvents\SeatChanged;
use App\DomainEvents\WorkCovered;
use App\Models\Events\NewsChoice;
use App\Models\Events\NewsSort;
use App\Models\Events\Notice;
use App\Models\Events\NoticeKind;
use App\Models\House\House;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use OpenBaton\Core\Absence\CoverMoveKind;
use OpenBaton\Core\Rulebook\SeatName;

/** Tells people what has happened to their tasks by the doing of others, never what they did themselves. */
final class WriteNotices implements EventConsumer
{
    public static function name(): string
    {
        return 'notices';
    }

    public static function kinds(): array
    {
        return [SeatChanged::class, WorkCovered::class, PeopleTold::class, PersonMentioned::class];
    }

    public function consume(array $events): void
    {
        $doers = self::doers(...$events);
        $told = array_merge(
            ...array_map(
                fn(HandedEvent $one): array => $this->told($one, $doers[(string) $one->userId] ?? null),
                $events,
            ),
        );
        if ($told === []) {
            return;
        }
        // Somebody, or the task, may be gone by now.
        $ids = array_map(static fn(NewNotice $one): string => $one->personId, $told);
        $people = Person::query()
            ->findMany($ids, ['id'])
            ->keyBy('id');
        $choices = NewsChoice::query()->findMany($ids)->keyBy('person_id');
        $house = House::query()->first();
        $tasks = Task::query()
            ->findMany(array_map(static fn(NewNotice $one): string => $one->of->taskId, $told), ['id'])
            ->keyBy('id');
        $rows = [];
        foreach ($told as $one) {
            if ($people->has($one->personId) && $tasks->has($one->of->taskId)) {
                $channels = NewsChannels::of($choices->get($one->personId), $house);
                $rows[] =
                    [
                        'id' => Id::next(),
                        'waits' => $channels->for(NewsSort::of($one->kind)) !== [],
                    ] + $one->row();
            }
        }
        Notice::query()->insert($rows);
    }

    /** @return array<string, string> people by their sign-ins */
    private static function doers(HandedEvent ...$events): array
    {
        $users = array_filter(array_unique(array_map(static fn(HandedEvent $one): ?string => $one->userId, $events)));
        $doers = [];
        foreach (
            $users === []
                ? []
                : Person::query()
                    ->whereIn('user_id', $users)
                    ->get(['id', 'user_id'])
            as $person
        ) {
            $doers[(string) $person->user_id] = $person->id;
        }

        return $doers;
    }

    /** @return list<NewNotice> */
    private function told(HandedEvent $of, ?string $doer): array
    {
        $event = $of->event;
        $notices = match (true) {
            $event instanceof SeatChanged => self::changed($of, $event),
            $event instanceof WorkCovered => self::covered($of, $event),
            $event instanceof PeopleTold => array_map(
                static fn(string $id): NewNotice => new NewNotice($of, $id, NoticeKind::Told, text: $event->text),
                $event->peopleIds,
            ),
            $event instanceof PersonMentioned => [new NewNotice($of, $event->personId, NoticeKind::Mentioned, $doer)],
            default => [],
        };

        return array_values(array_filter($notices, static fn(NewNotice $one): bool => $one->personId !== $doer));
    }

    /** @return list<NewNotice> */
    private static function changed(HandedEvent $of, SeatChanged $event): array
    {
        $notices = [];
        if ($event->toId !== null) {
            $notices[] = match (true) {
                $event->forId !== null => new NewNotice($of, $event->toId, NoticeKind::Covers, $event->forId),
                $event->seat === SeatName::Reviewer => new NewNotice(
                    $of,
                    $event->toId,
                    NoticeKind::Reviews,
                    text: $event->rule,
                ),
                $event->rule !== null => new NewNotice($of, $event->toId, NoticeKind::Routed, text: $event->rule),
                default => new NewNotice($of, $event->toId, NoticeKind::Got, $event->fromId),
            };
        }
        if ($event->fromId !== null) {
            $notices[] = new NewNotice(
                $of,
                $event->fromId,
                $event->rule === null ? NoticeKind::Lost : NoticeKind::RoutedAway,
                $event->toId ?? $event->leftToId,
                $event->rule,
            );
        }

        return $notices;
    }

    /** @return list<NewNotice> */
    private static function covered(HandedEvent $of, WorkCovered $event): array
    {
        $told = match ($event->kind) {
            CoverMoveKind::Passes => [
                [$event->toId, NoticeKind::Covers, $event->forId],
                [$event->forId, NoticeKind::Covered, $event->toId],
            ],
            CoverMoveKind::PassesOn => [
                [$event->toId, NoticeKind::Covers, $event->forId],
                [$event->fromId, NoticeKind::Lost, $event->toId],
                [$event->forId, NoticeKind::Covered, $event->toId],
            ],
            CoverMoveKind::ComesBack => [
                [$event->forId, NoticeKind::Back, $event->fromId],
                [$event->fromId, NoticeKind::GivenBack, $event->forId],
            ],
            CoverMoveKind::Stays => [
                [$event->toId, NoticeKind::Keeps, $event->forId],
                [$event->forId, NoticeKind::Kept, $event->toId],
            ],
        };
        $notices = [];
        foreach ($told as [$personId, $kind, $otherId]) {
            if ($personId !== null) {
                $notices[] = new NewNotice($of, $personId, $kind, $otherId);
            }
        }

        return $notices;
    }
}
