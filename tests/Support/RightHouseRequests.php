<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Access\Actor;
use App\Models\Customers\Customer;
use App\Models\Customers\CustomerMerge;
use App\Models\House\TableImport;
use App\Models\Rules\RulebookVersion;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskList;
use App\Rules\ImportRules;
use App\Rules\LockedDraft;
use Illuminate\Routing\Route;

/** What is sent to addresses of the house, its customers and its rulebook. */
final class RightHouseRequests
{
    /**
     * @param int|null $number of a task
     *
     * @return array<string, mixed>
     */
    public static function body(Route $route, ?int $number): array
    {
        return match ($route->methods()[0] . ' ' . $route->uri()) {
            'POST account/locale' => ['locale' => 'en-GB'],
            'PUT house/sight' => ['open' => true],
            'PUT house/levels' => [
                'labels' => [['value' => 'region', 'label' => 'County'], ['value' => 'district', 'label' => 'Town']],
                'answering' => 0,
            ],
            'PUT house/tiers' => ['labels' => [['value' => 'school', 'label' => 'Schools']]],
            'POST house/fields' => [
                'of' => 'task',
                'label' => 'Colour of the case',
                'type' => 'one_of',
                'options' => [['value' => 'red', 'label' => 'Red']],
                'asked' => true,
            ],
            'PUT house/fields/{field}' => ['label' => 'Colour'],
            'POST house/fields/{field}/move' => ['places' => 1],
            'POST house/kinds', 'PUT house/kinds/{kind}' => [
                'name' => 'Fitting',
                'minutes' => 30,
                'defaults' => [],
            ],
            'POST house/checklists', 'PUT house/checklists/{checklist}' => [
                'name' => 'Before it leaves',
                'items' => ['Polish', 'Case'],
            ],
            default => self::ofCustomers($route) ?? self::ofRulebook($route, $number),
        };
    }

    /** @return array<string, string> ids of what requests about customers are about, by the names of addresses */
    public static function ids(): array
    {
        $customer = Customer::query()->firstOrFail();
        $other = static function (string $slug) use ($customer): Customer {
            $made = $customer->replicate()->fill(['slug' => $slug]);
            $made->save();

            return $made;
        };
        $other('weka-choir');

        return [
            'named' => TaskList::query()->create([
                'user_id' => House::user('hanneke')->id,
                'name' => 'Soon',
                'query' => [],
            ])->id,
            ...Sweeps::ids(),
            'levelling' => Levellings::id(),
            'code' => 'holms-school',
            'what' => 'customers',
            'merge' => CustomerMerge::query()->create([
                'kept_id' => $customer->id,
                'gone_id' => $other('gone')->id,
                'taken' => [],
                'at' => now(),
            ])->id,
            'import' => self::import(),
        ];
    }

    /** A table of customers that was brought in. */
    public static function import(): string
    {
        return TableImport::query()->create([
            'kind' => 'customers',
            'user_id' => House::user('hanneke')->id,
            'rows' => [],
            'total' => 0,
            'begun_at' => now(),
        ])->id;
    }

    /** @return array<string, string> the address of a decision upon a customer, like that upon a task */
    public static function ofDecision(Task $task, Customer $customer): array
    {
        $like = Decision::query()->where('task_id', $task->id)->firstOrFail();

        return [
            'customers/{customer}/decisions/{decision}' =>
                "customers/{$customer->id}/decisions/" . self::decision((string) $like->id, $customer->id),
        ];
    }

    /** The same decision as upon a customer. */
    public static function decision(string $like, string $customerId): string
    {
        $decision = Decision::query()->findOrFail($like)->replicate();
        $decision->fill(['task_id' => null, 'customer_id' => $customerId])->save();

        return (string) $decision->id;
    }

    /** @return array<string, mixed>|null */
    private static function ofCustomers(Route $route): ?array
    {
        return match ($route->methods()[0] . ' ' . $route->uri()) {
            'PUT customers/{customer}' => [
                'document' => ['set' => ['customer.owner' => 'femi'], 'on_form' => false, 'tags' => ['fair']],
            ],
            'PUT api/v1/customers/{code}' => ['name' => 'The Holms', 'place' => null],
            'POST customers', 'POST api/v1/customers' => [
                'name' => 'Weka Hall',
                'contacts' => [['email' => 'hall@weka.example']],
            ],
            'GET customers/{customer}/history' => ['before' => '2026-03-02T10:00:00Z'],
            'POST customers/{customer}/retire' => ['retired' => true],
            'POST customers/{customer}/merge' => ['into' => 'weka-choir'],
            'GET places/choices' => ['q' => 'holm'],
            'POST setup' => ['done' => true],
            'POST setup/rules' => ['code' => 'round', 'choice' => 'brass-bench', 'kind' => 'quote'],
            'GET tasks', 'GET tasks/export' => ['sort' => 'title', 'group' => 'kind', 'due' => 'late', 'page' => '1'],
            'POST task-lists' => ['name' => 'Late', 'shared' => true, 'query' => ['due' => 'late']],
            'GET changes', 'GET changes/export' => ['of' => 'house', 'from' => '2026-03-01', 'until' => '2026-03-09'],
            'PUT house/form' => [
                'customers' => 'typed',
                'kinds' => [],
                'fields' => [],
                'tracks' => [],
                'lead' => 'Ask',
            ],
            'PUT sign-ins/{user}/person' => ['person' => null],
            'PUT house/customer-words' => ['words' => ['new' => 'We have it.', 'waiting' => 'We wait for you.']],
            'POST requests/{secret}' => ['body' => 'The valve sticks again.'],
            'POST api/v1/tasks/{task}/comments' => ['from' => 'customer', 'body' => 'Is it ready?'],
            default => null,
        };
    }

    /** @return array<string, mixed> */
    private static function ofRulebook(Route $route, ?int $number): array
    {
        return match ($route->methods()[0] . ' ' . $route->uri()) {
            'PUT rulebook/draft' => ['rules' => [House::roundRule()], 'revision' => LockedDraft::revision()],
            'DELETE rulebook/draft', 'POST rulebook/publish' => [
                'revision' => LockedDraft::revision(),
                'note' => 'New',
            ],
            'GET rulebook/rules' => ['ids' => ['round']],
            'GET rulebook/coverage' => ['revision' => (string) LockedDraft::revision()],
            'PUT rulebook/findings/{signature}' => ['reason' => 'It is meant so.'],
            'POST rulebook/rotations' => ['rotation' => 'Brass bench', 'act' => 'skipped', 'person' => 'ayumi'],
            'PUT rulebook/writers' => ['rule' => 'round'],
            'GET rulebook/table', 'GET rulebook/table/export' => ['rule' => 'round'],
            'POST rulebook/table/read' => [
                'rule' => House::roundRule(),
                'table' => "Name,Team,Rotation\nRound,Brass bench,Brass bench\n",
            ],
            'POST rulebook/sweeps', 'PUT rulebook/sweeps/{sweep}' => [
                'name' => 'To Femi',
                'document' => ['hand_to' => 'femi', 'then' => [['kind' => 'tag', 'tag' => 'moved']]],
                'revision' => 1,
            ],
            'POST levellings' => [
                'teams' => ['brass-bench'],
                'first' => 'peak',
                'days' => '10',
                'most_moves' => '9',
                'least_saving' => '30',
                'bars_peaks' => true,
                'working' => true,
            ],
            'PUT levellings/{levelling}/moves' => ['group' => 1, 'left' => true],
            'POST rulebook/sweep-runs' => ['rule' => 'round', 'filter' => ['due' => 'late']],
            'GET rulebook/sweep-runs/{run}' => ['show' => 'same', 'page' => '1'],
            'PUT rulebook/sweep-runs/{run}/tasks' => ['places' => [1], 'in' => true],
            'GET rulebook/find' => ['q' => 'brass ayumi'],
            'GET rulebook/try' => ['rule' => 'round'],
            'GET rulebook/merged' => ['text' => 'For ~task.title~', 'number' => (string) $number],
            'GET rulebook/compare' => array_fill_keys(
                ['from', 'to'],
                RulebookVersion::query()->published()->firstOrFail()->id,
            ),
            'POST rulebook/import/undo' => ['revision' => self::imported()],
            'POST rulebook/import', 'POST rulebook/import/preview' => [
                'openbaton' => 'rulebook/1',
                'fields' => [],
                'rules' => [
                    House::rule(
                        'any',
                        ['all' => []],
                        ['pool' => ['kind' => 'people', 'people' => ['femi']], 'method' => ['kind' => 'in_order']],
                    ),
                ],
            ],
            default => [],
        };
    }

    /** @return int the revision of a draft that was read from a file */
    private static function imported(): int
    {
        $by = Actor::user(House::user('hanneke'));

        return app(ImportRules::class)([House::roundRule()], LockedDraft::revision(), $by);
    }
}
