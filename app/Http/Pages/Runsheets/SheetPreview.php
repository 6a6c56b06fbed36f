<?php

declare(strict_types=1);

namespace App\Http\Pages\Runsheets;

use App\Http\Pages\Rules\RulebookPage;
use App\Http\Viewer;
use App\Models\Runsheets\Runsheet as Row;
use App\Runsheets\ReadRunsheet;
use App\Runsheets\RunMoments;
use App\Runsheets\StepMinutes;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Flow\Run\Run;
use OpenBaton\Core\Flow\Run\Runsheet;
use OpenBaton\Core\Flow\Run\RunTimes;
use OpenBaton\Core\Flow\Run\SheetDifference;
use OpenBaton\Core\Flow\Run\SheetDifferences;
use OpenBaton\Core\Subject\HouseSubject;
use OpenBaton\Core\Time\WorkingTime;

/** What a runsheet would be like: what stands against it, what is otherwise than published, how long it takes. */
final readonly class SheetPreview
{
    public function __construct(private Viewer $viewer, private ReadRunsheet $read) {}

    /** @return array<string, mixed> differences and chart are null where what stands against it lets nothing be told */
    public function of(Node $document): array
    {
        try {
            $sheet = ($this->read)($document);
        } catch (DocumentError $error) {
            return ['faults' => RulebookPage::faults($error->faults), 'differences' => null, 'chart' => null];
        }

        return ['faults' => [], 'differences' => $this->differences($sheet), 'chart' => $this->chart($sheet)];
    }

    /** @return list<array{step: string|null, text: string}> step: key of the block of which it tells */
    private function differences(Runsheet $sheet): array
    {
        $words = new SheetWords($this->viewer->words());
        $published = Row::query()->where('slug', $sheet->id)->with('published')->first()?->published;
        $before = $published === null ? null : ReadRunsheet::kept($published->document, $this->viewer->snapshot());

        return array_map(
            static fn(SheetDifference $one): array => [
                'step' => $one->after?->key(),
                'text' => $words->difference($one),
            ],
            SheetDifferences::between($before, $sheet),
        );
    }

    /**
     * When its steps would begin and end in a run that begins now, if all conditions hold.
     *
     * @return array{minutes: int, steps: list<array{key: string, from: int, to: int, critical: bool}>} minutes of
     *     working time after the start
     */
    private function chart(Runsheet $sheet): array
    {
        $house = $this->viewer->house();
        $moment = RunMoments::now(new HouseSubject(), $house);
        $times = new RunTimes($sheet, new Run($moment->at), $moment, StepMinutes::of($sheet, $house->snapshot));
        $working = new WorkingTime($house->snapshot->roster->house);
        $after = static fn(int $instant): int => $working->minutesBetween($moment->at, $instant);
        $critical = $times->criticalPath();
        $steps = [];
        foreach (array_keys($sheet->steps()) as $key) {
            $expected = $times->of($key);
            $steps[] = [
                'key' => $key,
                'from' => $after($expected->from),
                'to' => $after($expected->to),
                'critical' => in_array($key, $critical, true),
            ];
        }

        return ['minutes' => $after($times->end()), 'steps' => $steps];
    }
}
