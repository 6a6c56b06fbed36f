<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run;

/** What of a runsheet is otherwise than it was. */
enum SheetAspect: string
{
    case Name = 'name';
    case About = 'about';
    case Several = 'several';
    case StepAdded = 'step_added';
    case StepGone = 'step_gone';
    /** It stands within another block, or at another place in it. */
    case StepMoved = 'step_moved';
    case StepName = 'step_name';
    case Does = 'does';
    case Needed = 'needed';
    /** Under which conditions a step applies. */
    case If = 'if';
    case BlockAdded = 'block_added';
    case BlockGone = 'block_gone';
    /** Whether what is in it goes side by side, and how many are enough. */
    case Together = 'together';
    case BlockIf = 'block_if';
}
