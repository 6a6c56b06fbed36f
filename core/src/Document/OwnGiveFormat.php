<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Rulebook\OwnGive;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Subject\SubjectKind;

/** Reads and writes to whom what makes a task gives it, as tasks and decisions keep it. */
final class OwnGiveFormat
{
    /** @return array<string, mixed> */
    public static function write(OwnGive $own): array
    {
        return ['id' => $own->id, 'name' => $own->name] +
            ($own->give === null ? [] : ['give' => GiveFormat::write($own->give)]);
    }

    /** @throws DocumentError */
    public static function read(Node $node, RuleContext $context): OwnGive
    {
        return new OwnGive(
            $node->get('id')->text(),
            $node->get('name')->text(),
            $node->has('give')
                ? (new GiveFormat(new RuleParts($context, SubjectKind::Task)))->read($node->get('give'))
                : null,
        );
    }
}
