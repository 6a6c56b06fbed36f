<?php

declare(strict_types=1);

use App\Absences\AbsenceTerms;
use App\Absences\AskAbsence;
use App\Access\Actor;
use App\Models\People\Team;
use App\Rules\LockedDraft;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Absence\AbsenceKind;
use OpenBaton\Core\Absence\HeldPolicy;
use Tests\Support\Duties;
use Tests\Support\House;
use Tests\Support\OpenPage;
use Tests\Support\PropTypes;

require_once __DIR__ . '/PagesFunctions.php';

beforeEach(function (): void {
    beginPages();
});

it('computes only the props that are asked for', function (): void {
    House::arrive();
    $this->actingAs(House::user('hanneke'));
    $queries = function (array $headers): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->get('/floor?person=ayumi', $headers)->assertOk();

        return count(DB::getQueryLog());
    };
    $whole = $queries([]);
    $part = $queries(
        OpenPage::visits() + ['X-Inertia-Partial-Component' => 'Floor/Floor', 'X-Inertia-Partial-Data' => 'person'],
    );
    expect($part)->toBeLessThan(intdiv($whole, 2));
});

it('gives every page what its TypeScript type says', function (): void {
    $task = House::arrive(facts: ['task.family' => 'brass', 'task.value' => 12.5], customer: 'holms-school');
    House::arrive('quote', ['task.repaired_by' => 'callum']);
    House::arrive('quote');
    $saved = $this->actingAs(House::user('hanneke'))
        ->putJson('/rulebook/draft', [
            'rules' => [
                [
                    'id' => 'x',
                    'name' => 'X',
                    'when' => [['kind' => 'task_arrives']],
                    'then' => [['kind' => 'tag', 'tag' => 'seen']],
                ],
            ],
            'revision' => LockedDraft::revision(),
        ])
        ->getContent();

    $checks = [
        ['FloorPage', 'FloorPageProps', propsOf($this, 'hanneke', "/floor?task={$task->id}&person=ayumi")],
        ['FloorPage', 'FloorPageProps', propsOf($this, 'hanneke', '/floor')],
        ...Duties::pages(fn(string $url): array => propsOf($this, 'hanneke', $url)),
        ['InHandPage', 'InHandPageProps', propsOf($this, 'ayumi', '/in-hand')],
        ['RulebookPage', 'RulebookPageProps', propsOf($this, 'hanneke', '/rulebook')],
        ['RulebookPage', 'SavedDraft', json_decode((string) $saved)],
        ['TaskView', 'TaskView', propsOf($this, 'hanneke', "/tasks/{$task->id}")['task']],
        ['RosterChanges', 'RosterChanges', $this->postJson('/roster/preview', House::roster())->json()],
        ['StatusStrip', 'StatusStripProps', propsOf($this, 'hanneke', '/rulebook')['status']],
    ];
    $rulebook = [
        "import type { Rulebook } from '@/generated/rulebook';",
        'export const rulebook: Rulebook = ' . $this->get('/rulebook/export')->getContent() . ';',
    ];
    expect(PropTypes::check('pages', $checks, $rulebook))->toBe('');
});

it('gives pages of people and absences what their TypeScript types say', function (): void {
    $task = House::arrive('quote');
    $task->update(['assignee_id' => House::person('femi')->id, 'due_at' => now()->addDays(4)]);
    $absence = app(AskAbsence::class)(
        House::person('femi'),
        new AbsenceTerms(
            AbsenceKind::Leave,
            now()->addDays(2)->format('Y-m-d'),
            now()->addDays(3)->format('Y-m-d'),
            substitutes: ['ayumi', 'tobias'],
            only: ['ayumi' => ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote']],
            held: HeldPolicy::All,
        ),
        false,
        Actor::user(House::user('femi')),
    );
    Team::query()->update(['minimum' => 3]);
    $day = now()->addDays(2)->format('Y-m-d');
    $calendar =
        "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTART;VALUE=DATE:20260309\r\n" .
        "ATTENDEE;CN=Callum Rees:mailto:a@b.example\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
    $props = function (string $who, string $url): array {
        app()->forgetScopedInstances();

        return propsOf($this, $who, $url);
    };
    $told = fn(): mixed => $this->actingAs(House::user('hanneke'))
        ->call('POST', '/absences/calendars/preview', [], [], [], ['HTTP_ACCEPT' => 'application/json'], $calendar)
        ->json();
    expect(
        PropTypes::check('people', [
            ['AbsencesPage', 'AbsencesPageProps', $props('hanneke', '/absences?team=brass-bench')],
            ['CoverPage', 'CoverPageProps', $props('hanneke', "/absences/{$absence->id}")],
            [
                'CoverPage',
                'CoverPageProps',
                $props('hanneke', "/absences/what-if?person=femi&first={$day}&last={$day}"),
            ],
            ['CoverPage', 'CoverPageProps', $props('hanneke', '/absences/what-if')],
            ['CalendarsPage', 'CalendarsPageProps', $props('hanneke', '/absences/calendars')],
            ['CalendarsPage', 'CalendarTold', $told()],
            ['MePage', 'MePageProps', $props('femi', '/me')],
            ['PeoplePage', 'PeoplePageProps', $props('hanneke', '/people?person=femi')],
            ['PeoplePage', 'PeoplePageProps', $props('hanneke', '/people?person=new')],
            ['PlacesPage', 'PlacesPageProps', $props('hanneke', '/places')],
            ['LeavingPage', 'LeavingPageProps', $props('hanneke', '/people/femi/leaving')],
        ]),
    )->toBe('');
});
