<?php

declare(strict_types=1);

namespace App\Runsheets;

use App\Bridge\Snapshot;
use App\Bridge\SnapshotSource;
use App\Models\Runsheets\Runsheet as Row;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RunsheetFormat;
use OpenBaton\Core\Flow\Run\Circle;
use OpenBaton\Core\Flow\Run\Runsheet;
use OpenBaton\Core\Flow\Run\Step\RunsheetStep;

/** Reads the document of a runsheet, held against the house as it is. */
final readonly class ReadRunsheet
{
    public function __construct(private SnapshotSource $snapshots) {}

    /**
     * As it was kept, whatever has become of the house since.
     *
     * @param mixed $document of a draft or of a version
     */
    public static function kept(mixed $document, Snapshot $house): Runsheet
    {
        return (new RunsheetFormat($house->keptContext()))->read(Node::root($document));
    }

    /** @throws DocumentError with all that is wrong with it */
    public function __invoke(Node $document): Runsheet
    {
        $snapshot = $this->snapshots->current();
        $sheet = (new RunsheetFormat($snapshot->ruleContext()))->read($document);
        $waits = [$sheet->id => self::waitsFor($sheet)];
        foreach (Row::query()->where('slug', '!=', $sheet->id)->with('published')->get() as $row) {
            $published = $row->draft ?? $row->published?->document;
            $waits[$row->slug] = $published === null ? [] : self::waitsFor(self::kept($published, $snapshot));
        }
        $circle = Circle::in($waits);
        if (in_array($sheet->id, $circle, true)) {
            throw $document
                ->get('does')
                ->fail('It would wait for itself: {runsheets}.', runsheets: implode(', ', $circle));
        }

        return $sheet;
    }

    /** @return list<string> slugs of the runsheets whose runs it waits for */
    private static function waitsFor(Runsheet $sheet): array
    {
        $waits = [];
        foreach ($sheet->steps() as $step) {
            if ($step->does instanceof RunsheetStep && $step->does->hold) {
                $waits[] = $step->does->runsheet;
            }
        }

        return $waits;
    }
}
