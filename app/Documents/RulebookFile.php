<?php

declare(strict_types=1);

namespace App\Documents;

use App\Bridge\RulebookReader;
use App\Bridge\Snapshot;
use App\Models\Rules\RulebookVersion;
use OpenBaton\Core\Criteria\Fault;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Faults;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RulebookFormat;
use OpenBaton\Core\Document\RulebookUpgrade;

/** Rulebooks as files: the document of docs/formats/rulebook.schema.json. */
final readonly class RulebookFile
{
    public function __construct(private RulebookReader $rulebooks) {}

    /** Of a published version with the fields that it was published with; of a draft with those of the house. */
    public function write(RulebookVersion $version, Snapshot $house): string
    {
        return self::json([
            'openbaton' => RulebookFormat::VERSION,
            'fields' => $version->fields ?? RulebookFormat::writeCatalogue($house->catalogue),
            'rules' => $version->rules,
        ]);
    }

    /**
     * @return list<array<string, mixed>> the rules, as the core writes them
     *
     * @throws DocumentError with all that is wrong, in the document or for this house
     */
    public function read(string $json, Snapshot $house): array
    {
        $node = Node::parse($json);
        $version = RulebookFormat::version($node);
        $faults = new Faults();
        $faults->add(...$node->strangers(RulebookFormat::MEMBERS));
        $faults->collect(
            fn() => $this->checkFields(
                RulebookFormat::catalogue($node->get('fields')),
                $house->catalogue,
                $node->get('fields'),
            ),
        );
        $faults->throwIfAny();

        return RulebookFormat::writeRules(
            $this->rulebooks->check(RulebookUpgrade::rules($node->get('rules'), $version)->value, $house),
        );
    }

    /** @param array<array-key, mixed> $document */
    public static function json(array $document): string
    {
        return json_encode(
            $document,
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
        ) . "\n";
    }

    /** The fields of the file must be there in the house, of the same type. */
    private function checkFields(FieldCatalogue $given, FieldCatalogue $house, Node $node): void
    {
        $faults = [];
        foreach (array_values($given->fields) as $index => $field) {
            $known = $house->find($field->path);
            if ($known === null) {
                $faults[] = new Fault(
                    "{$node->pointer}/{$index}",
                    'This house has no field "{path}"; add it first, or leave it out where no rule needs it.',
                    slots: ['path' => $field->path],
                );
            } elseif ($known->type !== $field->type) {
                $faults[] = new Fault(
                    "{$node->pointer}/{$index}",
                    'In this house "{path}" is of type {known}, not {given}.',
                    slots: ['path' => $field->path, 'known' => $known->type->value, 'given' => $field->type->value],
                );
            }
        }
        if ($faults !== []) {
            throw new DocumentError($faults);
        }
    }
}
