<?php

declare(strict_types=1);

use App\Access\Actor;
use App\Rules\LockedDraft;
use App\Tasks\Edit;
use App\Tasks\EditTask;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Subject\TaskSubject;
use Tests\Support\House;

beforeEach(function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-03-02T10:00:00Z'));
    House::open();
    House::publish(House::roundRule());
    $this->actingAs(House::user('hanneke'));
});

it('estimates what a rule on dates that is new would have done, and says so', function (): void {
    House::arrive();
    $quote = House::arrive('quote');
    app(EditTask::class)->__invoke(
        $quote->id,
        null,
        new Edit(
            'edited',
            static fn(TaskSubject $subject): TaskSubject => $subject->dueAt(
                CarbonImmutable::parse('2026-03-04T12:00:00Z')->getTimestamp(),
            ),
        ),
        Actor::user(House::user('hanneke')),
    );
    $this->travelTo(CarbonImmutable::parse('2026-03-06T10:00:00Z'));
    // The arrival by the rule is due on the evening of the 4th, the quote at noon.
    $late = [
        'id' => 'late',
        'name' => 'Late',
        'when' => [['kind' => 'date_reached', 'field' => 'task.due', 'offset' => '+1 days']],
        'then' => [['kind' => 'tag', 'tag' => 'late']],
    ];
    $strip = function (array ...$rules): array {
        $this->putJson('/rulebook/draft', ['rules' => $rules, 'revision' => LockedDraft::revision()])->assertOk();

        return array_intersect_key(
            $this->getJson('/rulebook/coverage?revision=' . LockedDraft::revision())->json('coverage.strip'),
            ['acts' => 1, 'estimated' => 1],
        );
    };
    expect($strip(House::roundRule(), $late))->toEqual([
        'acts' => ['late' => 2, 'round' => 1],
        'estimated' => ['late'],
    ]);
    expect(
        $strip(House::roundRule(), ['if' => ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote']] + $late),
    )->toEqual(['acts' => ['late' => 1, 'round' => 1], 'estimated' => ['late']]);

    // Once it is published what it does is recorded, and what was before stays an estimate.
    House::publish(House::roundRule(), $late);
    House::arrive();
    $this->artisan('baton:tick');
    expect($this->getJson('/rulebook/coverage')->json('coverage.strip'))->toMatchArray([
        'acts' => ['round' => 2, 'late' => 2],
        'estimated' => ['late'],
    ]);
});
