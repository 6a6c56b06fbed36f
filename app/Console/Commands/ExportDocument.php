<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bridge\RosterDocument;
use App\Bridge\SnapshotSource;
use App\Documents\RulebookFile;
use App\Models\House\House;
use App\Models\Rules\RulebookVersion;
use Illuminate\Console\Command;

final class ExportDocument extends Command
{
    protected $signature = 'baton:export {what : rulebook or roster} {file=- : where to, - for standard output}';

    protected $description = 'Write the published rulebook or the roster as a document';

    public function handle(RulebookFile $rulebooks, SnapshotSource $snapshots): int
    {
        $json = match ($this->argument('what')) {
            'rulebook' => $rulebooks->write(
                RulebookVersion::query()->published()->firstOrFail(),
                $snapshots->current(),
            ),
            'roster' => RulebookFile::json(RosterDocument::build(House::query()->firstOrFail())),
            default => null,
        };
        if ($json === null) {
            $this->error('There is "rulebook" and "roster".');

            return 2;
        }
        $file = (string) $this->argument('file');
        if ($file === '-') {
            $this->output->write($json);
        } elseif (@file_put_contents($file, $json) === false) {
            $this->error("{$file} can't be written.");

            return 2;
        }

        return 0;
    }
}
