<?php

declare(strict_types=1);

use OpenBaton\Core\Flow\Run\Runsheet;
use OpenBaton\Core\Flow\Run\Step\AfterNo;
use OpenBaton\Core\Tests\Support\Sheets;

/** The runsheet of a repair over 400. */
function largeRepair(): Runsheet
{
    return Sheets::of(
        Sheets::inTurn(
            'all',
            Sheets::beside(
                'before',
                Sheets::task('diagnosis'),
                Sheets::approval('approval', no: AfterNo::Back, backTo: 'diagnosis'),
                Sheets::task('insurer', Sheets::if('insured')),
            ),
            Sheets::task('bench'),
            Sheets::task('check'),
        ),
    );
}
