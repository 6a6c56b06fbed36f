<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\GeneratedFiles;
use Illuminate\Console\Command;

final class Generate extends Command
{
    protected $signature = 'baton:generate';

    protected $description = 'Write anew what follows from the kinds of rule parts: the JSON Schemas in docs/formats';

    public function handle(): int
    {
        foreach (GeneratedFiles::all() as $path => $content) {
            file_put_contents(base_path($path), $content);
            $this->line($path);
        }

        return 0;
    }
}
