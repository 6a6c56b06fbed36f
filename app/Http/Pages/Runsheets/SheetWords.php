<?php

declare(strict_types=1);

namespace App\Http\Pages\Runsheets;

use App\Explain\HouseWords;
use OpenBaton\Core\Flow\Run\Block;
use OpenBaton\Core\Flow\Run\Lanes;
use OpenBaton\Core\Flow\Run\Runsheet;
use OpenBaton\Core\Flow\Run\SheetAspect;
use OpenBaton\Core\Flow\Run\SheetDifference;
use OpenBaton\Core\Flow\Run\Step;

/** Says what is otherwise in a runsheet. */
final readonly class SheetWords
{
    private SheetOutline $outline;

    public function __construct(private HouseWords $words)
    {
        $this->outline = new SheetOutline($words);
    }

    public function difference(SheetDifference $one): string
    {
        return $this->words->words->say("runsheet.differs.{$one->aspect->value}", [
            'step' => $this->name($one->after ?? $one->before, $one->sheet),
            'before' => $this->value($one->aspect, $one->before, $one->was),
            'after' => $this->value($one->aspect, $one->after, $one->sheet),
        ]);
    }

    private function value(SheetAspect $aspect, ?Block $block, ?Runsheet $sheet): string
    {
        if ($sheet === null) {
            return 'none';
        }

        return match ($aspect) {
            SheetAspect::Name => $sheet->name,
            SheetAspect::About => $this->words->words->say('runsheet.about', ['about' => $sheet->about->value]),
            SheetAspect::Several => $sheet->several ? 'true' : 'false',
            SheetAspect::StepName => $block instanceof Step ? $block->name : 'none',
            SheetAspect::Needed => $block instanceof Step && $block->needed ? 'true' : 'false',
            SheetAspect::StepAdded, SheetAspect::StepGone, SheetAspect::Does => $block instanceof Step
                ? $this->outline->does($block, SheetOutline::names($sheet))
                : 'none',
            SheetAspect::If, SheetAspect::BlockIf => $block?->condition() === null
                ? 'none'
                : $this->outline->criteria($block->condition()),
            SheetAspect::StepMoved => $this->place($block, $sheet),
            SheetAspect::BlockAdded, SheetAspect::BlockGone, SheetAspect::Together => $this->together($block),
        };
    }

    private function name(?Block $block, Runsheet $sheet): string
    {
        return match (true) {
            $block === null => $sheet->name,
            $block instanceof Step => $block->name,
            default => implode(
                ', ',
                array_map(
                    static fn(Step $step): string => $step->name,
                    array_filter($block->within(), static fn(Block $one): bool => $one instanceof Step),
                ),
            ),
        };
    }

    /** After which step it is read; "none" where it is the first. */
    private function place(?Block $block, Runsheet $sheet): string
    {
        $before = 'none';
        foreach ($sheet->steps() as $key => $step) {
            if ($key === $block?->key()) {
                break;
            }
            $before = $step->name;
        }

        return $before;
    }

    private function together(?Block $block): string
    {
        return $this->words->words->say(
            $block instanceof Lanes ? 'runsheet.side_by_side' : 'runsheet.one_after_another',
            ['first' => $block instanceof Lanes ? $block->first ?? 'none' : 'none'],
        );
    }
}
