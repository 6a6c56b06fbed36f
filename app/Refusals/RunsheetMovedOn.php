<?php

declare(strict_types=1);

namespace App\Refusals;

use App\Models\Runsheets\Runsheet;

/** A draft of a runsheet is not as it was looked at. */
final class RunsheetMovedOn extends Refused
{
    public static function since(Runsheet $sheet): self
    {
        return new self('runsheet_moved_on.draft', ['runsheet' => $sheet->name]);
    }
}
