<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use LogicException;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\Group;
use OpenBaton\Core\Criteria\GroupKind;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Rulebook\TaskCatalogue;

/** Reads and writes a rulebook document; docs/formats/rulebook.schema.json describes it. */
final class RulebookFormat
{
    public const VERSION = 'rulebook/2';

    public const MEMBERS = ['openbaton', 'fields', 'rules'];

    public const MOST_RULES = 5_000;

    /** Bytes of all rules, finished or not. */
    public const LARGEST = 4 * 1024 * 1024;

    /**
     * @param Roster|null $roster null: whom and what the rules name is not checked
     *
     * @throws DocumentError with the faults of all rules
     */
    public static function read(
        Node $node,
        ?Roster $roster = null,
        ?KindRegistry $kinds = null,
        ?TaskCatalogue $taskCatalogue = null,
    ): Rulebook {
        $version = self::version($node);
        $faults = new Faults();
        $faults->add(...$node->strangers(self::MEMBERS));
        $fields = self::catalogue($node->get('fields'));
        $rules = $node->get('rules');
        $rulebook = $faults->collect(
            static fn(): Rulebook => self::rules(
                RulebookUpgrade::rules($rules, $version),
                new RuleContext($kinds ?? KindRegistry::standard(), $fields, $roster, $taskCatalogue),
            ),
        );
        $faults->throwIfAny();

        return $rulebook ?? throw new LogicException('What could not be read has no fault.');
    }

    /** @throws DocumentError where the document is of none that can be read */
    public static function version(Node $node): string
    {
        return Format::expect($node, self::VERSION, RulebookUpgrade::FROM);
    }

    /** @throws DocumentError with the faults of all rules */
    public static function rules(Node $node, RuleContext $context): Rulebook
    {
        $format = new RuleFormat($context);
        $faults = new Faults();
        $rules = [];
        $known = [];
        if (count($node->items()) > self::MOST_RULES) {
            throw $node->fail('There are at most {most} rules.', most: self::MOST_RULES);
        }
        foreach ($node->items() as $item) {
            $rule = $faults->collect(static fn() => $format->read($item));
            if ($rule === null) {
                continue;
            }
            if (isset($known[$rule->id])) {
                $faults->add(...$item->get('id')->fail('There is another rule "{id}".', id: $rule->id)->faults);
            }
            $known[$rule->id] = true;
            $rules[] = $rule;
        }
        $faults->throwIfAny();

        return new Rulebook($context->fields, $rules);
    }

    public static function catalogue(Node $node): FieldCatalogue
    {
        $fields = array_map(self::field(...), array_values(Format::distinct($node->items(), 'path')));

        return new FieldCatalogue($fields);
    }

    private static function field(Node $node): Field
    {
        $node->only(['path', 'label', 'type', 'options', 'derived']);
        $options = array_map(static function (Node $option): string {
            $option->only(['value', 'label']);

            return $option->get('label')->line(TextLimits::NAME);
        }, Format::distinct($node->itemsOf('options'), 'value'));

        return $node->refuse(
            static fn(): Field => new Field(
                $node->get('path')->line(TextLimits::ID),
                $node->get('label')->line(TextLimits::NAME),
                $node->get('type')->case(FieldType::class),
                $options,
                derived: $node->find('derived')?->bool() ?? false,
            ),
        );
    }

    /** @return array<string, mixed> */
    public static function write(Rulebook $rulebook): array
    {
        return [
            'openbaton' => self::VERSION,
            'fields' => self::writeCatalogue($rulebook->fields),
            'rules' => self::writeRules($rulebook),
        ];
    }

    /** @return list<array<string, mixed>> */
    public static function writeRules(Rulebook $rulebook): array
    {
        return array_map(
            (new RuleFormat(new RuleContext(KindRegistry::standard(), $rulebook->fields)))->write(...),
            $rulebook->rules,
        );
    }

    /** @return list<array<string, mixed>> */
    public static function writeCatalogue(FieldCatalogue $catalogue): array
    {
        return array_map(
            static fn(Field $field): array => [
                'path' => $field->path,
                'label' => $field->label,
                'type' => $field->type->value,
            ] +
                ($field->derived ? ['derived' => true] : []) +
                ($field->options === []
                    ? []
                    : [
                        'options' => array_map(
                            static fn(int|string $value, string $label): array => [
                                'value' => (string) $value,
                                'label' => $label,
                            ],
                            array_keys($field->options),
                            array_values($field->options),
                        ),
                    ]),
            array_values($catalogue->all()),
        );
    }

    /** The criteria of a rule that asks for nothing. */
    public static function anything(): Group
    {
        return new Group(GroupKind::All, []);
    }
}
