<?php

declare(strict_types=1);

namespace OpenBaton\Core\Tests\Support;

use OpenBaton\Core\Criteria\Comparison;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Flow\Run\Block;
use OpenBaton\Core\Flow\Run\Lanes;
use OpenBaton\Core\Flow\Run\RunFields;
use OpenBaton\Core\Flow\Run\Runsheet;
use OpenBaton\Core\Flow\Run\Sequence;
use OpenBaton\Core\Flow\Run\Step;
use OpenBaton\Core\Flow\Run\Step\ApprovalStep;
use OpenBaton\Core\Flow\Run\Step\StepKind;
use OpenBaton\Core\Flow\Run\Step\TaskStep;
use OpenBaton\Core\Rulebook\Condition;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Text\MergedText;

/** Runsheets that tests need. */
final class Sheets
{
    public static function of(Block $root, mixed ...$more): Runsheet
    {
        return new Runsheet(...$more + ['id' => 'sheet', 'name' => 'Sheet', 'root' => $root]);
    }

    public static function inTurn(string $key, Block ...$blocks): Sequence
    {
        return new Sequence($key, array_values($blocks));
    }

    public static function beside(string $key, Block ...$blocks): Lanes
    {
        return new Lanes($key, array_values($blocks));
    }

    public static function firstOf(int $first, string $key, Block ...$blocks): Lanes
    {
        return new Lanes($key, array_values($blocks), null, $first);
    }

    public static function task(string $key, ?Condition $if = null, bool $needed = true): Step
    {
        return self::step($key, new TaskStep('repair', MergedText::parse($key)), $if, $needed);
    }

    public static function step(string $key, StepKind $does, ?Condition $if = null, bool $needed = true): Step
    {
        return new Step($key, ucfirst($key), $does, $needed, $if);
    }

    /** @param mixed ...$more named arguments of ApprovalStep */
    public static function approval(string $key, mixed ...$more): Step
    {
        return self::step($key, new ApprovalStep(...['people' => new NamedPeople(['hanneke'])] + $more));
    }

    /** That a field of the house is on. */
    public static function if(string $name): Condition
    {
        $path = "house.{$name}";

        return new Condition(
            new Comparison($path, 'is', true),
            new FieldCatalogue([new Field($path, $name, FieldType::YesNo)]),
        );
    }

    /** What a step was answered before. */
    public static function answered(string $step, string $answer): Condition
    {
        return new Condition(
            new Comparison(RunFields::path($step), 'is', $answer),
            RunFields::with(new FieldCatalogue([]), [$step => $step]),
        );
    }
}
