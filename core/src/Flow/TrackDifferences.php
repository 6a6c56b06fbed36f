<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow;

use OpenBaton\Core\Flow\Gate\Gate;
use OpenBaton\Core\Rulebook\PartFormat;
use OpenBaton\Core\Text\KeptOrder;

/** What is otherwise in a track than it was: stages and outcomes by their keys, gates by what they ask. */
final class TrackDifferences
{
    /**
     * @param Track|null $before null: it is a new one
     *
     * @return list<TrackDifference> the track itself, its stages in the order of $after, those that are gone, outcomes
     */
    public static function between(?Track $before, Track $after): array
    {
        $old = self::byKey($before);
        $new = self::byKey($after);
        $stay = KeptOrder::of(array_keys($old), array_keys($new));
        $found = self::ofTrack($before, $after);
        $previous = null;
        foreach ($new as $key => $stage) {
            $was = $old[$key] ?? null;
            if ($was === null) {
                $found[] = new TrackDifference(TrackAspect::StageAdded, $stage, null, $previous);
            } elseif (!isset($stay[$key])) {
                $found[] = new TrackDifference(TrackAspect::StageMoved, $stage, null, $previous);
            }
            array_push($found, ...self::ofStage($was ?? new Stage($stage->key, $stage->name), $stage));
            $previous = $stage;
        }
        foreach (array_diff_key($old, $new) as $gone) {
            $found[] = new TrackDifference(TrackAspect::StageGone, $gone);
        }
        array_push($found, ...self::ofOutcomes($before->outcomes ?? [], $after->outcomes));

        return $found;
    }

    /** @return list<TrackDifference> */
    private static function ofTrack(?Track $before, Track $after): array
    {
        $found = [];
        if ($before !== null && $before->name !== $after->name) {
            $found[] = new TrackDifference(TrackAspect::Name, null, $before->name, $after->name);
        }
        if (($before->ownerTakesTasks ?? false) !== $after->ownerTakesTasks) {
            $found[] = new TrackDifference(TrackAspect::TakesTasks, null, null, (int) $after->ownerTakesTasks);
        }

        return $found;
    }

    /** @return list<TrackDifference> */
    private static function ofStage(Stage $was, Stage $is): array
    {
        $found = [];
        $tell = static function (
            TrackAspect $aspect,
            string|int|Movers|null $before,
            string|int|Movers|null $after,
        ) use (&$found, $is): void {
            if ($before instanceof Movers && $after instanceof Movers ? !$before->equals($after) : $before !== $after) {
                $found[] = new TrackDifference($aspect, $is, $before, $after);
            }
        };
        $tell(TrackAspect::StageName, $was->name, $is->name);
        $tell(
            $is->retired ? TrackAspect::StageRetired : TrackAspect::StageBack,
            (int) $was->retired,
            (int) $is->retired,
        );
        $tell(TrackAspect::Target, $was->target, $is->target);
        $tell(TrackAspect::Movers, $was->movers, $is->movers);
        $tell(TrackAspect::Guide, $was->guide, $is->guide);

        return [
            ...$found,
            ...self::ofGates($is, $was->enter, $is->enter, TrackAspect::EnterAdded, TrackAspect::EnterGone),
            ...self::ofGates($is, $was->leave, $is->leave, TrackAspect::LeaveAdded, TrackAspect::LeaveGone),
        ];
    }

    /**
     * @param list<Gate> $before
     * @param list<Gate> $after
     *
     * @return list<TrackDifference>
     */
    private static function ofGates(
        Stage $stage,
        array $before,
        array $after,
        TrackAspect $added,
        TrackAspect $gone,
    ): array {
        [$old, $new] = [self::byText($before), self::byText($after)];

        return [
            ...array_map(
                static fn(Gate $gate): TrackDifference => new TrackDifference($added, $stage, null, $gate),
                array_values(array_diff_key($new, $old)),
            ),
            ...array_map(
                static fn(Gate $gate): TrackDifference => new TrackDifference($gone, $stage, $gate),
                array_values(array_diff_key($old, $new)),
            ),
        ];
    }

    /**
     * @param array<array-key, string> $before label by key
     * @param array<array-key, string> $after  label by key
     *
     * @return list<TrackDifference>
     */
    private static function ofOutcomes(array $before, array $after): array
    {
        $found = [];
        foreach ($after as $key => $label) {
            $was = $before[$key] ?? null;
            if ($was !== $label) {
                $found[] = new TrackDifference(
                    $was === null ? TrackAspect::OutcomeAdded : TrackAspect::OutcomeName,
                    null,
                    $was,
                    $label,
                );
            }
        }
        foreach (array_diff_key($before, $after) as $label) {
            $found[] = new TrackDifference(TrackAspect::OutcomeGone, null, $label);
        }

        return $found;
    }

    /** @return array<array-key, Stage> */
    private static function byKey(?Track $track): array
    {
        return array_column($track->stages ?? [], null, 'key');
    }

    /**
     * @param list<Gate> $gates
     *
     * @return array<string, Gate> by what is written of each
     */
    private static function byText(array $gates): array
    {
        $byText = [];
        foreach ($gates as $gate) {
            $byText[json_encode(PartFormat::write($gate), JSON_THROW_ON_ERROR)] = $gate;
        }

        return $byText;
    }
}
