<?php

declare(strict_types=1);

/*
 * Seconds of processor time that 2,000 rules take to be read from their document
 * and compiled, and to be looked at by all checks. Prints JSON.
 */

use OpenBaton\Core\Check\Examination;
use OpenBaton\Core\Check\RecentWork;
use OpenBaton\Core\Check\StandardChecks;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RosterFormat;
use OpenBaton\Core\Document\RulebookFormat;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\TaskCatalogue;

require __DIR__ . '/../vendor/autoload.php';

const KINDS = 12;
const TIERS = ['ensemble', 'school', 'private'];

require __DIR__ . '/documents.php';

const NOW = 1_772_442_000;

$roster = RosterFormat::read(Node::root(rosterDocument()));
$document = rulebookDocument(2000);
// Of what meets each rule the one above took half, and more of all work meets the higher ones.
$met = [];
$above = null;
foreach (RulebookFormat::read(Node::root($document))->rules as $place => $rule) {
    $met[$rule->id] = [$rule->id => 2000 - $place] + ($above === null ? [] : [$above => 2000 - $place]);
    $above = $rule->id;
}
$recent = new RecentWork($met, []);
$best = ['compile' => INF, 'check' => INF];
for ($round = 0; $round < 3; ++$round) {
    $begin = hrtime(true);
    $rulebook = RulebookFormat::read(Node::root($document));
    CompiledRulebook::compile($rulebook, 'bench');
    $compiled = hrtime(true);
    StandardChecks::run(new Examination($rulebook, $roster, new TaskCatalogue(), NOW, $recent));
    $best['compile'] = min($best['compile'], ($compiled - $begin) / 1e9);
    $best['check'] = min($best['check'], (hrtime(true) - $compiled) / 1e9);
}
echo json_encode($best), "\n";
