<?php

declare(strict_types=1);

use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\People\Team;
use OpenBaton\Core\Tests\Support\Bench;
use OpenBaton\Core\Tests\Support\Build;

/** Workshop (lead hanneke, not listed) above bench (lead ayumi, listed last) and reeds (no lead); femi is in both. */
function workshop(): Roster
{
    return new Roster(
        Build::calendar(),
        [
            Build::person('hanneke'),
            Build::person('ayumi', ['brass' => 3], attributes: ['drives the van'], place: 'islands'),
            Build::person(
                'femi',
                ['brass' => 2, 'reeds' => 1],
                fields: ['person.bench' => 'north', 'person.speaks' => ['sv', 'fi']],
            ),
            Build::person('callum', ['brass' => 1], active: false),
            Build::person(
                'tobias',
                ['reeds' => 3],
                pausedUntil: Person::UNTIL_FURTHER_NOTICE,
                attributes: ['speaks Finnish', 'drives the van'],
                place: 'the-holms',
            ),
            Build::person('oona', fields: ['person.bench' => 'North', 'person.speaks' => ['fi']]),
        ],
        [
            new Team('workshop', 'Workshop', [new Membership('oona', 30)], null, 'hanneke'),
            new Team(
                'bench',
                'Bench',
                [new Membership('femi', 50), new Membership('callum'), new Membership('ayumi', 70)],
                'workshop',
                'ayumi',
            ),
            new Team('reeds', 'Reeds', [new Membership('femi', 20), new Membership('tobias')], 'bench'),
        ],
        ['brass' => 'Brass', 'reeds' => 'Reeds'],
        [Build::absence('oona', '2026-03-02', '2026-03-03')],
    );
}
