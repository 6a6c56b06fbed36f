<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\Group;
use OpenBaton\Core\Criteria\GroupKind;
use OpenBaton\Core\Routing\EventKind;
use OpenBaton\Core\Rulebook\FollowUp\FollowUp;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Rulebook\Limit\Limit;
use OpenBaton\Core\Rulebook\Otherwise\NextRule;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\Rulebook;

/** Reads and writes a rulebook document; docs/formats/rulebook.schema.json describes it. */
final class RulebookFormat
{
    public const VERSION = 'rulebook/1';

    /** @throws DocumentError with the faults of all rules */
    public static function read(Node $node): Rulebook
    {
        Format::expect($node, self::VERSION);

        return self::rules($node->get('rules'), self::catalogue($node->get('fields')));
    }

    /** @throws DocumentError with the faults of all rules */
    public static function rules(Node $node, FieldCatalogue $catalogue): Rulebook
    {
        $rules = [];
        $faults = [];
        foreach ($node->items() as $item) {
            try {
                $rules[] = self::rule($item, $catalogue);
            } catch (DocumentError $error) {
                $faults = [...$faults, ...$error->faults];
            }
        }

        return $faults === [] ? new Rulebook($catalogue, $rules) : throw new DocumentError($faults);
    }

    /** @throws DocumentError */
    public static function rule(Node $node, FieldCatalogue $catalogue): Rule
    {
        $events = array_map(static fn(Node $item): EventKind => $item->case(EventKind::class), $node->get('when')->items());
        $criteria = $node->find('if');
        $give = $node->find('give');

        return $node->refuse(static fn(): Rule => new Rule(
            $node->get('id')->text(),
            $node->get('name')->text(),
            $events === [] ? throw $node->get('when')->fail('Name at least one event.') : $events,
            $criteria === null ? new Group(GroupKind::All, []) : (new CriteriaFormat($catalogue))->read($criteria),
            $give === null ? null : self::give($give),
            array_map(static fn(Node $item): FollowUp => PartList::read($item, PartList::FOLLOW_UPS), $node->itemsOf('then')),
            $node->find('active')?->bool() ?? true,
            $node->find('valid_from')?->instant(),
            $node->find('valid_until')?->instant(),
        ));
    }

    private static function give(Node $node): Give
    {
        $otherwise = $node->find('otherwise');

        return new Give(
            PartList::read($node->get('pool'), PartList::POOLS),
            PartList::read($node->get('method'), PartList::METHODS),
            array_map(static fn(Node $item): Limit => PartList::read($item, PartList::LIMITS), $node->itemsOf('limits')),
            $otherwise === null ? new NextRule() : PartList::read($otherwise, PartList::OTHERWISES),
        );
    }

    public static function catalogue(Node $node): FieldCatalogue
    {
        $fields = [];
        foreach ($node->items() as $item) {
            $options = [];
            foreach ($item->itemsOf('options') as $option) {
                $options[$option->get('value')->text()] = $option->get('label')->text();
            }
            $fields[] = $item->refuse(static fn(): Field => new Field(
                $item->get('path')->text(),
                $item->get('label')->text(),
                $item->get('type')->case(FieldType::class),
                $options,
            ));
        }

        return new FieldCatalogue($fields);
    }

    /** @return array<string, mixed> */
    public static function write(Rulebook $rulebook): array
    {
        return [
            'openbaton' => self::VERSION,
            'fields' => self::writeCatalogue($rulebook->fields),
            'rules' => array_map(static fn(Rule $rule): array => self::writeRule($rule, $rulebook->fields), $rulebook->rules),
        ];
    }

    /** @return list<array<string, mixed>> */
    public static function writeCatalogue(FieldCatalogue $catalogue): array
    {
        return array_map(static fn(Field $field): array => [
            'path' => $field->path,
            'label' => $field->label,
            'type' => $field->type->value,
        ] + ($field->options === [] ? [] : ['options' => array_map(
            static fn(int|string $value, string $label): array => ['value' => (string) $value, 'label' => $label],
            array_keys($field->options),
            array_values($field->options),
        )]), array_values($catalogue->fields));
    }

    /** @return array<string, mixed> */
    public static function writeRule(Rule $rule, FieldCatalogue $catalogue): array
    {
        $document = [
            'id' => $rule->id,
            'name' => $rule->name,
            'active' => $rule->active,
            'when' => array_map(static fn(EventKind $event): string => $event->value, $rule->events),
            'if' => (new CriteriaFormat($catalogue))->write($rule->criteria),
        ];
        if ($rule->give !== null) {
            $document['give'] = [
                'pool' => $rule->give->pool->write(),
                'method' => $rule->give->method->write(),
                'limits' => array_map(static fn(Limit $limit): array => $limit->write(), $rule->give->limits),
                'otherwise' => $rule->give->otherwise->write(),
            ];
        }
        $document['then'] = array_map(static fn(FollowUp $followUp): array => $followUp->write(), $rule->followUps);
        if ($rule->validFrom !== null) {
            $document['valid_from'] = Instant::format($rule->validFrom);
        }
        if ($rule->validUntil !== null) {
            $document['valid_until'] = Instant::format($rule->validUntil);
        }

        return $document;
    }
}
