<?php

declare(strict_types=1);

use App\Access\Actor;
use App\House\ChangeHouse;
use App\Models\People\Person;
use App\People\PauseIntake;

it('fetches the lanes of a large house as they are scrolled into view, and keeps those current', function (): void {
    ChangeHouse::run('minimum_set', 'added many', Actor::system('test'), static function (): Person {
        $like = Person::query()->where('slug', 'jun-morita')->sole();
        for ($more = 100; $more < 200; ++$more) {
            $like
                ->replicate(['user_id', 'email', 'calendar'])
                ->fill(['slug' => "jun-{$more}", 'name' => "Jun {$more}"])
                ->save();
        }

        return $like;
    });
    $cells = fn(): int => (int) $this->browser->executeScript(
        'return document.querySelectorAll("[data-lane=jun-199] [role=cell]").length',
    );
    $asked = fn(): int => (int) $this->browser->executeScript(
        'return performance.getEntriesByType("resource").filter((one) => one.name.includes("/floor?lanes=")).length',
    );
    $this->signIn('hanneke', '/floor');
    $this->see('Jun 199');
    expect($cells())->toBe(0);
    $this->browser->executeScript('document.querySelector("[data-lane=jun-199]").scrollIntoView()');
    $this->until(fn(): bool => $cells() === 6, static fn(): string => 'The lane of Jun 199 is not fetched.');
    $this->settled();
    expect($asked())->toBeBetween(1, 4);
    expect($this->browser->getCurrentURL())->toEndWith('/floor');

    app(PauseIntake::class)->pause(
        Person::query()->where('slug', 'jun-199')->sole(),
        null,
        'Stocktaking',
        Actor::system('test'),
    );
    $this->until(
        fn(): bool => (bool) $this->browser->executeScript(
            'return document.querySelector("[data-lane=jun-199]").textContent.includes("paused")',
        ),
        static fn(): string => 'The lane of Jun 199 stays as it was.',
    );
});
