<?php

declare(strict_types=1);

use OpenBaton\Core\Flow\Run\Date\AfterStep;
use OpenBaton\Core\Flow\Run\Step\TaskStep;
use OpenBaton\Core\Map\DrawMap;
use OpenBaton\Core\Map\FindOnMap;
use OpenBaton\Core\Map\Flows;
use OpenBaton\Core\Map\HouseMap;
use OpenBaton\Core\Map\MapArrow;
use OpenBaton\Core\Map\MapFinding;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\People\Team;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Rulebook\Limit\SkillAtLeast;
use OpenBaton\Core\Rulebook\Method\LightestLoad;
use OpenBaton\Core\Rulebook\Otherwise\WaitUnplaced;
use OpenBaton\Core\Rulebook\Pool\Pool;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Text\MergedText;

/** Ayumi and Ebbe on the brass bench, Ebbe at the office, too; Noor in no team; Piet is not active any more. */
function mappedPeople(): Roster
{
    return new Roster(
        Build::calendar(),
        [
            Build::person('ayumi', skills: ['lacquer' => 3]),
            Build::person('ebbe'),
            Build::person('noor'),
            Build::person('piet', active: false),
        ],
        [
            new Team('brass', 'Brass bench', Build::members('ayumi', 'ebbe')),
            new Team('office', 'Office', Build::members('ebbe', 'piet')),
        ],
        ['lacquer' => 'Lacquer'],
    );
}

/** @param list<SkillAtLeast> $limits */
function mappedGive(Pool $pool, array $limits = []): Give
{
    return new Give($pool, new LightestLoad(), $limits, new WaitUnplaced());
}

function mappedStep(?Give $give, ?AfterStep $due = null): TaskStep
{
    return new TaskStep('repair', MergedText::parse('Work'), give: $give, due: $due);
}

/** @param mixed ...$more named arguments of DrawMap::of() */
function mappedHouse(mixed ...$more): HouseMap
{
    $none = ['tracks' => [], 'runsheets' => [], 'duties' => [], 'rules' => []];

    return DrawMap::of(...$more + $none + ['roster' => mappedPeople(), 'now' => Build::at('2026-03-02 10:00')]);
}

/** @return list<string> "next a > b" */
function mappedArrows(HouseMap $map): array
{
    return array_values(
        array_map(static fn(MapArrow $one): string => "{$one->kind->value} {$one->from} > {$one->to}", $map->arrows),
    );
}

/** @return list<string> "only_one_can rules/a ayumi 3" */
function mappedFindings(HouseMap $map, Flows $flows): array
{
    return array_map(
        static fn(MapFinding $one): string => trim(
            "{$one->kind->value} {$one->node} {$one->person} {$one->counted->number}" .
                " {$one->counted->minutes?->median}",
        ),
        (new FindOnMap($map, $flows))->all(),
    );
}
