<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Models\Tasks\Task;
use OpenBaton\Core\Document\GiveFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RuleParts;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\OwnGive;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Subject\SubjectKind;

/** To whom what made a task gives it, as its row has it. */
final class OwnGives
{
    /** @return OwnGive|null null: what made it leaves that to the rules */
    public static function of(Task $task, Snapshot $house): ?OwnGive
    {
        if ($task->own_give === null) {
            return null;
        }
        $kept = Node::root($task->own_give);
        // Whom it names is not checked: what was made stays as it was made.
        $context = new RuleContext(KindRegistry::standard(), $house->catalogue);

        return new OwnGive(
            $kept->get('id')->text(),
            $kept->get('name')->text(),
            (new GiveFormat(new RuleParts($context, SubjectKind::Task)))->read($kept->get('give')),
        );
    }
}
