<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run\Step;

/** How a run goes on after an answer that is no yes. */
enum AfterNo: string
{
    case GoOn = 'go_on';
    case End = 'end';
    case Back = 'back';
}
