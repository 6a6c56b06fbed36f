<?php

declare(strict_types=1);

use Database\Factories\Customers\CustomerFactory;
use Tests\Support\Cases;
use Tests\Support\House;

// Here, since the database's index of words knows only what is committed.

it('finds cases by title, customer and number, the open ones first, of those that somebody sees', function (): void {
    $band = CustomerFactory::new()->named('Carrow Silver Band')->create();
    Cases::open(['title' => 'Trumpets for the band', 'owner' => 'femi']);
    $closed = Cases::open(['title' => 'Two trumpets', 'customer' => $band->slug]);
    $closed->update(['closed_at' => now(), 'outcome' => 'renewed']);
    Cases::open(['title' => 'Six cellos', 'customer' => $band->slug]);
    $found = function (string $text, string $who = 'hanneke', string $more = '&everything=1'): array {
        app()->forgetScopedInstances();
        $hits = $this->actingAs(House::user($who))->getJson('/search?q=' . urlencode($text) . $more);

        return array_map(
            static fn(array $one): array => [$one['title'], $one['stage']],
            array_values(array_filter($hits->json(), static fn(array $one): bool => isset($one['stage']))),
        );
    };
    expect($found('trumpet'))->toBe([['Trumpets for the band', 'Enquiry'], ['Two trumpets', 'Renewed']]);
    expect($found('silver'))->toBe([['Six cellos', 'Enquiry'], ['Two trumpets', 'Renewed']]);
    expect($found("№ {$closed->number}"))->toBe([['Two trumpets', 'Renewed']]);
    expect($found('trumpet', 'femi'))->toBe([['Trumpets for the band', 'Enquiry']]);
    expect($found('trumpet', 'tobias'))->toBe([]);
    // Where a task is wanted, none are answered.
    expect($found('trumpet', more: ''))->toBe([]);
});
