<?php

declare(strict_types=1);

namespace App\Http\Requests\Tasks;

use Carbon\CarbonImmutable;
use OpenBaton\Core\Subject\Asked;
use OpenBaton\Core\Subject\TaskAction;

/** Something that the table of transitions lets people do, with one task or with several. */
trait AsksForAction
{
    /** By the last part of the address: "hand-on". */
    public function action(): TaskAction
    {
        return TaskAction::from(str_replace('-', '_', basename($this->path())));
    }

    public function note(): ?string
    {
        return $this->filled('note') ? $this->string('note')->toString() : null;
    }

    /** From when on it is to be done. */
    public function at(): CarbonImmutable
    {
        return CarbonImmutable::parse($this->string(Asked::From->value)->toString());
    }
}
