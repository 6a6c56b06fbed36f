<?php

declare(strict_types=1);

namespace App\Formats;

use App\Bridge\RulebookReader;
use App\Bridge\Snapshot;
use App\Models\RulebookVersion;
use OpenBaton\Core\Criteria\Fault;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Format;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RulebookFormat;

/** Rulebooks as files: the document of docs/formats/rulebook.schema.json. */
final readonly class RulebookFile
{
    public function __construct(private RulebookReader $rulebooks) {}

    public function write(RulebookVersion $version, Snapshot $snapshot): string
    {
        return json_encode([
            'openbaton' => RulebookFormat::VERSION,
            'fields' => RulebookFormat::writeCatalogue($snapshot->catalogue),
            'rules' => $version->rules,
        ], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)."\n";
    }

    /**
     * @return list<array<string, mixed>> the rules, as the core writes them
     *
     * @throws DocumentError with all that is wrong, in the document or for this house
     */
    public function read(string $json, Snapshot $snapshot): array
    {
        $node = Node::parse($json);
        Format::expect($node, RulebookFormat::VERSION);
        $this->checkFields(RulebookFormat::catalogue($node->get('fields')), $snapshot->catalogue, $node->get('fields'));
        $rulebook = $this->rulebooks->check($node->get('rules')->value, $snapshot);
        SchemaCheck::check('rulebook', json_decode($json, false));

        return array_map(static fn($rule): array => RulebookFormat::writeRule($rule, $snapshot->catalogue), $rulebook->rules);
    }

    /** The fields of the file must be there in the house, of the same type. */
    private function checkFields(FieldCatalogue $given, FieldCatalogue $house, Node $node): void
    {
        $faults = [];
        foreach (array_values($given->fields) as $index => $field) {
            $known = $house->find($field->path);
            if (! $known instanceof Field || $known->type !== $field->type) {
                $faults[] = new Fault("{$node->pointer}/{$index}", $known === null
                    ? "This house has no field \"{$field->path}\"; add it first, or leave it out where no rule needs it."
                    : "In this house \"{$field->path}\" is of type {$known->type->value}, not {$field->type->value}.");
            }
        }
        if ($faults !== []) {
            throw new DocumentError($faults);
        }
    }
}
