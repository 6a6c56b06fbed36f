<?php

declare(strict_types=1);

namespace App\Bridge;

use OpenBaton\Core\Text\ValueWords;

/** How values are said within the texts that rules write. */
interface TextWords
{
    public function of(Snapshot $house): ValueWords;
}
