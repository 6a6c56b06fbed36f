<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\DraftInTurn;
use App\Actions\ImportRoster;
use App\Actions\PublishDraft;
use App\Actions\SaveDraft;
use App\Bridge\SnapshotSource;
use App\Formats\RulebookFile;
use App\Models\Role;
use App\Models\User;
use Illuminate\Console\Command;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;

final class ImportDocument extends Command
{
    protected $signature = 'baton:import {what : rulebook or roster} {file : where from, - for standard input} {--publish : publish the rulebook at once instead of leaving a draft}';

    protected $description = 'Read a rulebook document into the draft, or a roster document into the house';

    public function handle(RulebookFile $rulebooks, SnapshotSource $snapshots, SaveDraft $save, PublishDraft $publish, ImportRoster $importRoster): int
    {
        $file = (string) $this->argument('file');
        $json = @file_get_contents($file === '-' ? 'php://stdin' : $file);
        if ($json === false) {
            $this->error("{$file} can't be read.");

            return 2;
        }
        $by = User::query()->role([Role::Lead->value, Role::Administrator->value])->orderBy('id')->firstOrFail();
        try {
            if ($this->argument('what') === 'roster') {
                $importRoster(Node::parse($json)->value, $by);
                $this->info('The roster is imported.');

                return 0;
            }
            if ($this->argument('what') !== 'rulebook') {
                $this->error('There is "rulebook" and "roster".');

                return 2;
            }
            $saved = $save($rulebooks->read($json, $snapshots->current()), DraftInTurn::revision(), $by);
            $this->info($this->option('publish') === true
                ? 'Version '.$publish($saved->revision, 'Imported', $by)->number.' is published.'
                : 'The rules are the draft now.');
        } catch (DocumentError $error) {
            foreach ($error->faults as $fault) {
                $this->error(($fault->pointer === '' ? '(the whole document)' : $fault->pointer).': '.$fault->reason);
            }

            return 2;
        }

        return 0;
    }
}
