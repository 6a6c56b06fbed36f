<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Access\Actor;
use App\Bridge\SnapshotSource;
use App\Documents\RulebookFile;
use App\People\ImportRoster;
use App\Rules\LockedDraft;
use App\Rules\PublishDraft;
use App\Rules\SaveDraft;
use Illuminate\Console\Command;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;

final class ImportDocument extends Command
{
    protected $signature = 'baton:import {what : rulebook or roster} {file : where from, - for standard input}
        {--publish : publish the rulebook at once instead of leaving a draft}
        {--preview : only say what a roster would add, change and remove}
        {--remove : take away what the roster does not have; people become inactive}';

    protected $description = 'Read a rulebook document into the draft, or merge a roster document into the house';

    public function handle(
        RulebookFile $rulebooks,
        SnapshotSource $snapshots,
        SaveDraft $save,
        PublishDraft $publish,
        ImportRoster $roster,
    ): int {
        $json = InputFile::read((string) $this->argument('file'));
        if ($json === null) {
            $this->error("{$this->argument('file')} can't be read.");

            return 2;
        }
        $by = Actor::system('command line');
        try {
            switch ($this->argument('what')) {
                case 'roster':
                    $this->roster(Node::parse($json), $roster, $by);

                    return 0;
                case 'rulebook':
                    $saved = $save($rulebooks->read($json, $snapshots->current()), LockedDraft::revision(), $by);
                    $this->info(
                        $this->option('publish') === true
                            ? 'Version ' . $publish($saved->revision, 'Imported', $by)->number . ' is published.'
                            : 'The rules are the draft now.',
                    );

                    return 0;
                default:
                    $this->error('There is "rulebook" and "roster".');

                    return 2;
            }
        } catch (DocumentError $error) {
            $this->error($error->getMessage());

            return 2;
        }
    }

    private function roster(Node $node, ImportRoster $import, Actor $by): void
    {
        $remove = $this->option('remove') === true;
        foreach ($import->preview($node, $remove) as $list => $changes) {
            foreach (
                [
                    'added' => 'to be added',
                    'changed' => 'to be changed',
                    'missing' => $remove ? 'to be removed' : 'not in the file, stays',
                ]
                as $kind => $what
            ) {
                if ($changes[$kind] !== []) {
                    $this->line("{$list} {$what}: " . implode(', ', $changes[$kind]));
                }
            }
        }
        if ($this->option('preview') !== true) {
            $import($node, $remove, $by);
            $this->info('The roster is imported.');
        }
    }
}
