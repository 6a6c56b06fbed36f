<?php

declare(strict_types=1);

use App\Bridge\CustomerSource;
use App\Bridge\Houses;
use App\Bridge\HouseState;
use App\Bridge\KeptRulebook;
use App\Bridge\Snapshot;
use App\Bridge\SnapshotSource;
use App\Fields\KnownCustomer;
use App\Fields\KnownKind;
use App\Intake\TakeInTask;
use App\Models\Customers\Customer;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskKind;
use App\Models\Tasks\TaskSource;
use Illuminate\Cache\Events\KeyWritten;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use Symfony\Component\Finder\Finder;
use Tests\Support\House;

beforeEach(function (): void {
    House::open();
    House::publish(House::roundRule());
});

/**
 * Gives the house another kind of task in the place of one, as another machine would, so that this one has not seen it.
 */
function renameKind(string $from, string $to): void
{
    TaskKind::query()
        ->where('slug', $from)
        ->update(['slug' => $to]);
    DB::table('houses')->increment('roster_revision');
}

function takeIn(string $kind): Task
{
    return Task::query()->findOrFail(
        app(TakeInTask::class)(Node::root(['title' => 'Trumpet', 'kind' => $kind]), TaskSource::ByHand, null)->task->id,
    );
}

it('goes by the house as it is where it has changed since it was last seen', function (): void {
    takeIn('quote');
    renameKind('quote', 'offer');

    // What has gone is refused, what is new is taken, although the house that was last seen says otherwise.
    expect(app(SnapshotSource::class)->at(app(SnapshotSource::class)->recent())->kindNamed('quote'))->not->toBeNull();
    expect(static fn() => takeIn('quote'))->toThrow(DocumentError::class, '"quote"; there are bench-repair, offer');
    renameKind('offer', 'bid');
    expect(takeIn('bid')->task_kind_id)->toBe(TaskKind::query()->where('slug', 'bid')->sole()->id);
    expect(Task::query()->count())->toBe(2);
});

it('looks at the work in hand that the rules need which are published between reading and the lock', function (): void {
    takeIn('bench-repair');
    expect(Task::query()->sole()->assignee_id)->toBe(House::person('ayumi')->id);
    $changed = false;
    DB::connection()->beforeStartingTransaction(static function () use (&$changed): void {
        if (!$changed) {
            $changed = true;
            House::publish(
                House::rule(
                    'limited',
                    ['all' => []],
                    [
                        'pool' => ['kind' => 'people', 'people' => ['ayumi', 'femi']],
                        'method' => ['kind' => 'in_order'],
                        'limits' => [['kind' => 'open_tasks_at_most', 'tasks' => 1]],
                    ],
                ),
            );
        }
    });
    // Ayumi has one already, which the rule of before did not ask about.
    expect(takeIn('bench-repair')->assignee_id)->toBe(House::person('femi')->id);
    expect($changed)->toBeTrue();
});

it('asks the house anew where it changes between reading and the lock', function (): void {
    takeIn('quote');
    $changed = false;
    DB::connection()->beforeStartingTransaction(static function () use (&$changed): void {
        if (!$changed) {
            $changed = true;
            renameKind('quote', 'offer');
        }
    });
    expect(static fn() => takeIn('quote'))->toThrow(DocumentError::class, 'quote');
    expect($changed)->toBeTrue();
    expect(Task::query()->count())->toBe(1);
});

it('is written again only when something has changed', function (): void {
    takeIn('quote');
    $written = 0;
    Event::listen(KeyWritten::class, static function () use (&$written): void {
        ++$written;
    });
    takeIn('quote');
    app()->forgetScopedInstances();
    takeIn('quote');
    expect($written)->toBe(0);

    House::publish(House::roundRule());
    takeIn('quote');
    // The state of the house, and the rules of the new version.
    expect($written)->toBe(2);
});

it('knows a customer with who answers for the place, up the tree, and asks once', function (): void {
    $house = app(Houses::class)->now();
    $customer = app(CustomerSource::class)->named('holms-school', $house);
    expect($customer)->toEqual(
        new KnownCustomer(
            Customer::query()->sole()->id,
            'holms-school',
            'The Holms Primary School',
            'school',
            ['district' => 'the-holms', 'region' => 'islands'],
            'tobias',
            null,
            addedAt: Customer::query()->sole()->created_at?->getTimestamp() ?? 0,
        ),
    );

    DB::enableQueryLog();
    expect(app(CustomerSource::class)->named('holms-school', $house))->toEqual($customer);
    expect(DB::getQueryLog())->toBe([]);
    expect(app(CustomerSource::class)->named('nobody', $house))->toBeNull();
});

it('is not read by code that has other classes', function (): void {
    $classes = [Snapshot::class, KeptRulebook::class, KnownKind::class, KnownCustomer::class, HouseState::class];
    foreach (
        Finder::create()
            ->files()
            ->name('*.php')
            ->in(base_path('core/src'))
            ->path('#^(Absence|Criteria|People|Rulebook|Time|Timer|Workload)/#')
        as $file
    ) {
        $classes[] = 'OpenBaton\\Core\\' . str_replace(['/', '.php'], ['\\', ''], $file->getRelativePathname());
    }
    sort($classes);
    $shape = [];
    foreach ($classes as $class) {
        foreach ((new ReflectionClass($class))->getProperties() as $property) {
            $shape[] = "{$class}::{$property->name} {$property->getType()}";
        }
    }
    expect(Snapshot::SHAPE)->toBe(
        substr(hash('sha256', implode("\n", $shape)), 0, 8),
        'Classes of values that are kept in the cache have changed: set Snapshot::SHAPE to what is expected here.',
    );
});
