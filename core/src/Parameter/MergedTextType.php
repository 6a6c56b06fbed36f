<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Text\MergedText;

/** A text with fields merged in. */
final readonly class MergedTextType implements ParameterType
{
    /** @param int $most characters */
    public function __construct(private int $most, private bool $oneLine = true) {}

    public static function control(): Control
    {
        return Control::MergedText;
    }

    public function read(Node $node, RuleContext $context): MergedText
    {
        $text = $this->oneLine ? $node->line($this->most) : $node->text();
        if (mb_strlen($text) > $this->most) {
            throw $node->fail('This has at most {most} characters.', most: $this->most);
        }
        $merged = $node->refuse(static fn(): MergedText => MergedText::parse($text));
        foreach ($merged->paths() as $path) {
            if ($context->fields->find($path) === null) {
                throw $node->fail('There is no field "{path}".', path: $path);
            }
        }

        return $merged;
    }

    public function write(mixed $value): mixed
    {
        return $value instanceof MergedText ? $value->text : $value;
    }

    public function schema(): array
    {
        return ['type' => 'string', 'minLength' => 1, 'maxLength' => $this->most];
    }

    public function bounds(): array
    {
        return ['most' => $this->most, 'one_line' => $this->oneLine];
    }
}
