<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Access\Actor;
use App\Intake\TakeInTask;
use App\Models\Access\Role;
use App\Models\Access\User;
use App\Models\Customers\Customer;
use App\Models\House\CustomField;
use App\Models\House\House as HouseRow;
use App\Models\People\Person;
use App\Models\People\Place;
use App\Models\Rules\RulebookVersion;
use App\Models\Tasks\Checklist;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskKind;
use App\Models\Tasks\TaskSource;
use App\People\ImportRoster;
use App\Rules\LockedDraft;
use App\Rules\PublishDraft;
use App\Rules\SaveDraft;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Testing\Fakes\QueueFake;
use OpenBaton\Core\Document\Node;
use Spatie\Permission\Models\Role as RoleRow;

/** A small house for tests: Ayumi, Femi and Callum on the brass bench, Tobias beside it, Hanneke leads. */
final class House
{
    public const PASSWORD = 'a-password';

    /** @param list<array<string, mixed>> $absences */
    public static function open(array $absences = []): void
    {
        $empty = HouseRow::query()->doesntExist() && User::query()->doesntExist();
        $what = 'house ' . CarbonImmutable::now()->format('U.u') . md5(serialize($absences));
        $empty ? KeptRows::put(null, $what, static fn() => self::make($absences)) : self::make($absences);
    }

    /** @param list<array<string, mixed>> $absences */
    private static function make(array $absences): void
    {
        HouseRow::query()->create([
            'name' => 'Alder & Quill',
            'zone' => 'Europe/Dublin',
            'hours' => [],
            'holidays' => [],
            'exceptions' => [],
            'customer_tiers' => ['school' => 'School'],
            'place_levels' => ['region' => 'Region', 'district' => 'District'],
            'answering_level' => 'district',
            'set_up_at' => '2026-03-01T10:00:00Z',
        ]);
        app(ImportRoster::class)(Node::root(self::roster($absences)), false, Actor::system('test'));
        foreach (['bench-repair' => 120, 'quote' => 45] as $slug => $minutes) {
            TaskKind::query()->create([
                'slug' => $slug,
                'name' => ucfirst(str_replace('-', ' ', $slug)),
                'usual_minutes' => $minutes,
                'form_label' => $slug === 'bench-repair' ? 'A repair' : null,
            ]);
        }
        TaskKind::ofApprovals();
        foreach (
            [
                ['task.family', 'Instrument family', 'one_of', ['brass' => 'Brass', 'strings' => 'Strings'], 'Family'],
                ['task.value', 'Value', 'money', null, 'Its value'],
                ['task.repaired_by', 'Repaired by', 'person', null, null],
                ['task.needed', 'Needed on', 'date', null, null],
            ]
            as [$path, $label, $type, $options, $onTheForm]
        ) {
            CustomField::query()->create([
                'path' => $path,
                'label' => $label,
                'type' => $type,
                'options' => $options,
                'form_label' => $onTheForm,
            ]);
        }
        Checklist::query()->create([
            'slug' => 'brass-check',
            'name' => 'Check of a brass instrument',
            'items' => ['Photograph it', 'Play it'],
        ]);
        $region = Place::query()->create(['slug' => 'islands', 'name' => 'Islands', 'level' => 'region']);
        $district = Place::query()->create([
            'slug' => 'the-holms',
            'name' => 'The Holms',
            'level' => 'district',
            'parent_id' => $region->id,
            'responsible_id' => self::person('tobias')->id,
        ]);
        Customer::query()->create([
            'slug' => 'holms-school',
            'name' => 'The Holms Primary School',
            'tier' => 'school',
            'place_id' => $district->id,
            'on_form' => true,
        ]);
        self::signIns();
        HouseRow::query()->increment('roster_revision');
    }

    /**
     * @param list<array<string, mixed>> $absences
     *
     * @return array<string, mixed>
     */
    public static function roster(array $absences = []): array
    {
        $week = ['from' => '2020-01-01'] + array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri'], ['09:00-17:00']);

        return [
            'openbaton' => 'roster/1',
            'house' => ['zone' => 'Europe/Dublin', 'hours' => [$week]],
            'skills' => [['id' => 'brass', 'name' => 'Brass']],
            'people' => [
                ['id' => 'hanneke', 'name' => 'Hanneke de Wit'],
                ['id' => 'ayumi', 'name' => 'Ayumi Kato', 'skills' => ['brass' => 3]],
                ['id' => 'femi', 'name' => 'Femi Adeyinka', 'skills' => ['brass' => 2]],
                ['id' => 'callum', 'name' => 'Callum Rees'],
                ['id' => 'tobias', 'name' => 'Tobias Lindqvist', 'zone' => 'Europe/Helsinki'],
            ],
            'teams' => [
                [
                    'id' => 'brass-bench',
                    'name' => 'Brass bench',
                    'lead' => 'ayumi',
                    'members' => [
                        ['person' => 'ayumi', 'weight' => 100],
                        ['person' => 'femi', 'weight' => 100],
                        ['person' => 'callum', 'weight' => 100],
                    ],
                ],
            ],
            'absences' => $absences,
        ];
    }

    /** @return array<string, mixed> bench repairs go round the brass bench, due in two working days */
    public static function roundRule(): array
    {
        return self::rule(
            'round',
            ['field' => 'task.kind', 'op' => 'is', 'value' => 'bench-repair'],
            [
                'pool' => ['kind' => 'team', 'team' => 'brass-bench', 'with_sub_teams' => false, 'with_lead' => true],
                'method' => ['kind' => 'round_robin', 'rotation' => 'Brass bench'],
                'limits' => [],
                'otherwise' => ['kind' => 'unplaced'],
            ],
            [['kind' => 'due_in', 'after' => 'P2D', 'hours_of' => 'house']],
        );
    }

    /**
     * @param array<string, mixed>       $if
     * @param array<string, mixed>       $give
     * @param list<array<string, mixed>> $then
     *
     * @return array<string, mixed>
     */
    public static function rule(string $id, array $if, array $give, array $then = []): array
    {
        return [
            'id' => $id,
            'name' => "Rule {$id}",
            'active' => true,
            'when' => [['kind' => 'task_arrives']],
            'if' => $if,
            'give' => $give,
            'then' => $then,
        ];
    }

    /** @param array<string, mixed> ...$rules */
    public static function publish(array ...$rules): RulebookVersion
    {
        $make = static function () use ($rules): void {
            $lead = Actor::user(self::user('hanneke'));
            $saved = app(SaveDraft::class)(array_values($rules), LockedDraft::revision(), $lead);
            app(PublishDraft::class)($saved->revision, null, $lead);
        };
        // What is dispatched is not in the rows.
        $from = Queue::getFacadeRoot() instanceof QueueFake ? null : KeptRows::state();
        $from === null ? $make() : KeptRows::put($from, 'rules ' . md5(serialize($rules)), $make);

        return RulebookVersion::query()->published()->firstOrFail();
    }

    /** @param array<string, mixed> $facts */
    public static function arrive(
        string $kind = 'bench-repair',
        array $facts = [],
        ?string $customer = null,
        string $title = 'Trumpet, stuck valve',
    ): Task {
        return Task::query()->findOrFail(
            app(TakeInTask::class)(
                Node::root([
                    'title' => $title,
                    'kind' => $kind,
                    'customer' => $customer,
                    'fields' => $facts,
                ]),
                TaskSource::ByHand,
                self::user('hanneke'),
            )->task->id,
        );
    }

    public static function person(string $slug): Person
    {
        return Person::query()->where('slug', $slug)->firstOrFail();
    }

    public static function user(string $slug): User
    {
        return User::query()
            ->where('email', "{$slug}@alderquill.example")
            ->firstOrFail();
    }

    private static function signIns(): void
    {
        foreach (Role::cases() as $role) {
            RoleRow::findOrCreate($role->value);
        }
        $password = Hash::make(self::PASSWORD);
        foreach (Person::query()->get() as $person) {
            $user = User::query()->create([
                'name' => $person->name,
                'email' => "{$person->slug}@alderquill.example",
                'password' => $password,
            ]);
            $user->assignRole($person->slug === 'hanneke' ? Role::Lead->value : Role::Member->value);
            $person->update(['user_id' => $user->id]);
        }
    }
}
