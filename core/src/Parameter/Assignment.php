<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Document\ValueCodec;
use OpenBaton\Core\Flow\Duty\DutyFields;
use OpenBaton\Core\Rulebook\FieldValue;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Subject\CaseFields;
use OpenBaton\Core\Subject\CustomerFields;
use OpenBaton\Core\Subject\StateFields;
use OpenBaton\Core\Subject\SubjectKind;

/** A field that the house has added, with a value for it; of tasks, cases and customers, or of people. */
final readonly class Assignment implements ParameterType
{
    /** Fields that every task and every case has and that are not set as others are. */
    private const FIXED = [
        'task.kind',
        'task.title',
        'task.source',
        'task.details',
        DutyFields::OF_TASK,
        CaseFields::NUMBER,
        CaseFields::TITLE,
    ];

    public function __construct(private bool $ofPeople = false) {}

    public static function control(): Control
    {
        return Control::Assignment;
    }

    public function read(Node $node, RuleContext $context): FieldValue
    {
        $node->only(['field', 'value']);
        $field = $this->ofPeople
            ? self::ofPeople($node->get('field'), $context)
            : self::settable($node->get('field'), $context);

        return new FieldValue($field, ValueCodec::read($node->get('value'), $field, $context->roster));
    }

    /** A field whose value can be set. */
    public static function settable(Node $node, RuleContext $context): Field
    {
        $path = $node->line(TextLimits::ID);
        $field = $context->fields->find($path);

        return $field !== null && self::isSettableBy($context->about, $field)
            ? $field
            : throw $node->fail('"{path}" is not a field whose value can be set.', path: $path);
    }

    private static function ofPeople(Node $node, RuleContext $context): Field
    {
        $path = $node->line(TextLimits::ID);

        return $context->fields->ofPeople[$path] ??
            throw $node->fail('There is no field "{path}" of people.', path: $path);
    }

    /** Whether rules about something may set a field: those about tasks also one of their case. */
    public static function isSettableBy(SubjectKind $about, Field $field): bool
    {
        return $about === SubjectKind::Customer
            ? self::isSettableOfCustomer($field)
            : self::isSettable($field->path) || self::isSettableOfCase($field->path);
    }

    /** Whether it is a field of customers whose value can be set. */
    public static function isSettableOfCustomer(Field $field): bool
    {
        return str_starts_with($field->path, CustomerFields::PREFIX) &&
            !$field->derived &&
            !isset(CustomerFields::TYPES[$field->path]);
    }

    /** Whether it is a field of cases whose value can be set. */
    public static function isSettableOfCase(string $path): bool
    {
        return str_starts_with($path, CaseFields::PREFIX) &&
            !isset(CaseFields::TYPES[$path]) &&
            !in_array($path, self::FIXED, true);
    }

    /** Whether it is a field of tasks whose value can be set. */
    public static function isSettable(string $path): bool
    {
        return str_starts_with($path, StateFields::PREFIX) &&
            !isset(StateFields::TYPES[$path]) &&
            !in_array($path, self::FIXED, true);
    }

    public function write(mixed $value): mixed
    {
        return $value instanceof FieldValue
            ? ['field' => $value->field->path, 'value' => ValueCodec::write($value->value, $value->field->type)]
            : $value;
    }

    public function schema(): array
    {
        return [
            'type' => 'object',
            'properties' => ['field' => TextLimits::schema(TextLimits::ID), 'value' => true],
            'required' => ['field', 'value'],
            'additionalProperties' => false,
        ];
    }

    public function bounds(): array
    {
        return $this->ofPeople ? ['of' => 'people'] : [];
    }
}
