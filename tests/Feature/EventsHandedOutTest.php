<?php

declare(strict_types=1);

use App\Bridge\Houses;
use App\Bridge\Outside\OutsideRecorders;
use App\DomainEvents\About;
use App\DomainEvents\AbsenceDecided;
use App\DomainEvents\ApprovalBegun;
use App\DomainEvents\ApprovalOver;
use App\DomainEvents\ApproverReminded;
use App\DomainEvents\CommentMade;
use App\DomainEvents\EventConsumer;
use App\DomainEvents\EventKinds;
use App\DomainEvents\EventLog;
use App\DomainEvents\HandedEvent;
use App\DomainEvents\HandOut;
use App\DomainEvents\MessagePrepared;
use App\DomainEvents\PeopleTold;
use App\DomainEvents\PersonMentioned;
use App\DomainEvents\RunWanted;
use App\DomainEvents\SeatChanged;
use App\DomainEvents\SentBack;
use App\DomainEvents\SubjectChanged;
use App\DomainEvents\TaskArrived;
use App\DomainEvents\TaskChanged;
use App\DomainEvents\WorkCovered;
use App\DomainEvents\WorkEnded;
use App\Models\Events\EventPosition;
use App\Models\Events\RecordedEvent;
use App\Models\Tasks\Task;
use App\Notices\WriteNotices;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Exceptions;
use OpenBaton\Core\Absence\CoverMoveKind;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Flow\ApprovalOutcome;
use OpenBaton\Core\Message\Channel;
use OpenBaton\Core\Message\Draft;
use OpenBaton\Core\Message\Recipient;
use OpenBaton\Core\Message\RecipientKind;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\Effect\ReachesOutside;
use Tests\Support\Clock;
use Tests\Support\Effects;
use Tests\Support\House;

require_once __DIR__ . '/DomainEventsFunctions.php';

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
});

/** Keeps what it is handed, and fails on some of it. */
final class KeepsEvents implements EventConsumer
{
    /** @var list<string> */
    public static array $kept = [];
    public static ?string $failsOn = null;

    public static function name(): string
    {
        return 'keeps';
    }

    public static function kinds(): array
    {
        return [PeopleTold::class];
    }

    public function consume(array $events): void
    {
        $said = array_map(
            static fn(HandedEvent $one): string => $one->event instanceof PeopleTold
                ? $one->event->text
                : $one->event::code(),
            $events,
        );
        if (in_array(self::$failsOn, $said, true)) {
            throw new RuntimeException('It can not be done.');
        }
        array_push(self::$kept, ...$said);
    }
}

/** Writes events as a chain does. */
function happens(string ...$texts): void
{
    $task = Task::query()->first() ?? House::arrive();
    DB::transaction(static function () use ($task, $texts): void {
        app(Houses::class)->lock();
        $log = new EventLog(CarbonImmutable::now()->getTimestamp());
        foreach ($texts as $text) {
            $log->add(About::task($task->id), null, new PeopleTold([House::person('femi')->id], $text));
        }
        $log->save();
    });
}

it('hands out nothing of what is rolled back', function (): void {
    House::publish(givesTo('femi'));
    try {
        DB::transaction(static function (): void {
            House::arrive();
            throw new RuntimeException('No.');
        });
    } catch (RuntimeException) {
    }
    expect([RecordedEvent::query()->count(), told()])->toBe([0, []]);
});

it(
    'hands each consumer each event once and in order, tries again what fails, and in the end goes on without it',
    function (): void {
        Exceptions::fake();
        House::arrive();
        KeepsEvents::$kept = [];
        KeepsEvents::$failsOn = 'bad';
        $handOut = new HandOut([KeepsEvents::class]);
        happens('one', 'two', 'bad');
        happens('three');
        $handOut();
        expect(KeepsEvents::$kept)->toBe(['one', 'two']);
        expect(EventPosition::query()->findOrFail('keeps')->failures)->toBe(1);
        // Not again before two seconds are over.
        $handOut();
        expect(EventPosition::query()->findOrFail('keeps')->failures)->toBe(1);
        Clock::set('2026-03-02T10:00:02Z');
        $handOut();
        expect(EventPosition::query()->findOrFail('keeps')->failures)->toBe(2);
        KeepsEvents::$failsOn = null;
        Clock::set('2026-03-02T10:00:06Z');
        $handOut();
        $handOut();
        expect(KeepsEvents::$kept)->toBe(['one', 'two', 'bad', 'three']);
        expect(EventPosition::query()->findOrFail('keeps')->failures)->toBe(0);
        KeepsEvents::$failsOn = 'worse';
        happens('worse', 'four');
        for ($minute = 1; $minute <= 8; ++$minute) {
            expect(KeepsEvents::$kept)->not->toContain('four');
            Clock::set("2026-03-02T1{$minute}:00:00Z");
            $handOut();
        }
        $handOut();
        expect(KeepsEvents::$kept)->toBe(['one', 'two', 'bad', 'three', 'four']);
        Exceptions::assertReportedCount(10);
    },
);

it('forgets events that every consumer has been handed, and no others', function (): void {
    happens('one');
    EventPosition::query()
        ->whereKey(WriteNotices::name())
        ->update(['position' => 0]);
    $this->artisan('baton:prune-events')->assertSuccessful();
    expect(RecordedEvent::query()->count())->toBeGreaterThan(0);
    EventPosition::query()
        ->whereKey(WriteNotices::name())
        ->update(['position' => ($last = RecordedEvent::query()->max('id'))]);
    config(['queue.default' => 'database']);
    happens('two');
    $this->artisan('baton:prune-events')->assertSuccessful();
    expect(RecordedEvent::query()->where('id', '<=', $last)->count())->toBe(0);
    expect(RecordedEvent::query()->where('id', '>', $last)->count())->toBe(1);
});

it('reads every kind of event as it was written', function (): void {
    $to = [new Recipient(RecipientKind::Person, 'a'), new Recipient(RecipientKind::Team, 'b')];
    $events = [
        new TaskChanged(['at' => 1]),
        new SubjectChanged(['at' => 1]),
        new SeatChanged(SeatName::Reviewer, 'a', 'b', 'c', 'Rule'),
        new SeatChanged(SeatName::Holder, null, null),
        new WorkCovered(CoverMoveKind::PassesOn, SeatName::Holder, 'a', null, 'c'),
        new PeopleTold(['a', 'b'], 'Look'),
        new PersonMentioned('a'),
        new MessagePrepared(new Draft($to, Channel::Mail, 'S', 'T', true, 9, true, 8, 'r'), 'v'),
        new MessagePrepared(new Draft($to, Channel::Chat, '', 'T', false, null, false, null, 'r'), null),
        new TaskArrived(),
        new CommentMade(['a', 'b'], true),
        new SentBack(['a'], 'The bell'),
        new SentBack(['a'], null),
        new AbsenceDecided('x', 'a', false, 'Not then'),
        new AbsenceDecided('x', 'a', true, null),
        new WorkEnded(),
        new ApprovalBegun('x'),
        new ApprovalOver('Estimate', ApprovalOutcome::Nobody, ['a', 'b']),
        new ApproverReminded('a', 'Estimate'),
        new RunWanted('large-repair', 'starts'),
    ];
    foreach ($events as $event) {
        expect($event::read(Node::root($event->write())))->toEqual($event);
        expect(EventKinds::read($event::code(), $event->write()))->toEqual($event);
    }
    expect(array_values(array_unique(array_map(get_class(...), $events))))->toBe(EventKinds::ALL);
});

it('has a recorder for every effect that reaches outside, and one only', function (): void {
    $outside = array_values(
        array_filter(Effects::all(), static fn(string $class): bool => is_a($class, ReachesOutside::class, true)),
    );
    $recorded = array_map(static fn(string $class): string => $class::records(), OutsideRecorders::all());
    expect($recorded)->toEqualCanonicalizing($outside);
});
