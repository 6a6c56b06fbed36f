<?php

declare(strict_types=1);

namespace App\Customers;

use App\Bridge\Snapshot;
use App\Models\House\House;
use App\Models\People\Place;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\Operator\Plain;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Faults;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Document\ValueCodec;
use OpenBaton\Core\Subject\CustomerFields;

/** Reads what is said of a customer by a form, another system or a table; null empties. */
final class CustomerReader
{
    public const MEMBERS = ['name', 'tier', 'place', 'on_form', 'tags', 'contacts', 'set'];

    private const MOST_CONTACTS = 20;
    private const MOST_TAGS = 50;

    /** @var array<string, string> */
    private readonly array $tiers;

    /** @param array<string, Place|null> $places by id, as far as they are known; others are asked for */
    public function __construct(private readonly Snapshot $house, private array $places = [])
    {
        $this->tiers = House::query()->firstOrFail()->tiers();
    }

    /** @throws DocumentError with all that is wrong with it */
    public function read(Node $document): CustomerTerms
    {
        $document->only(self::MEMBERS);
        $faults = new Faults();
        $columns = [];
        // One that is null is emptied, one that is not there stays as it is.
        foreach ($document->members() as [$member, $node]) {
            if (in_array($member, ['name', 'tier', 'place', 'on_form', 'tags'], true)) {
                $faults->collect(function () use ($member, $node, &$columns): void {
                    $columns += $this->column($member, $node);
                });
            }
        }
        $values = $facts = [];
        foreach ($document->find('set')?->members() ?? [] as [$path, $node]) {
            $faults->collect(function () use ($path, $node, &$columns, &$values, &$facts): void {
                $values[$path] = $this->value($path, $node);
                if ($path === CustomerFields::OWNER) {
                    $owner = $values[$path];
                    $columns['owner_id'] = is_string($owner) ? $this->house->personIds[$owner] : null;
                } else {
                    $facts[$path] = $values[$path] === null ? null : $node->value;
                }
            });
        }
        $contacts = $document->has('contacts')
            ? $faults->collect(fn(): array => $this->contacts($document->get('contacts')))
            : null;
        $faults->throwIfAny();
        $place = isset($columns['place_id']) ? $this->place($document->get('place')) : null;

        return new CustomerTerms(
            $columns,
            $values,
            $facts,
            $contacts,
            $place?->retired_at === null ? null : $place->name,
        );
    }

    /** @param list<string> $own paths of the fields that the house has added */
    public static function isOfCustomers(string $path, array $own): bool
    {
        return $path === CustomerFields::OWNER || (str_starts_with($path, 'customer.') && in_array($path, $own, true));
    }

    /** @return array<string, Field> by path: those of customers that are kept by hand, and still offered */
    public static function fields(Snapshot $house): array
    {
        return array_filter(
            $house->catalogue->fields,
            static fn(Field $field): bool => self::isOfCustomers($field->path, $house->customFields) &&
                !$field->retired,
        );
    }

    /** @return array<string, string|bool|list<string>|null> */
    private function column(string $member, Node $node): array
    {
        $empty = ValueCodec::isBlank($node);

        return match ($member) {
            'name' => ['name' => $empty ? throw $node->unfinished('This is needed.') : $node->line(TextLimits::NAME)],
            'tier' => ['tier' => $empty ? null : $this->tier($node)],
            'place' => ['place_id' => $empty ? null : $this->place($node)->id],
            'tags' => ['tags' => $empty ? [] : self::tags($node)],
            default => ['on_form' => $node->bool()],
        };
    }

    /** @return list<string> each once */
    private static function tags(Node $list): array
    {
        $tags = [];
        foreach ($list->items() as $node) {
            if (count($tags) === self::MOST_TAGS) {
                throw $list->fail('A customer has at most {most} tags.', most: self::MOST_TAGS);
            }
            $tag = $node->line(TextLimits::TAG);
            $tags = Plain::like($tag, $tags, FieldType::Tags) === null ? [...$tags, $tag] : $tags;
        }

        return $tags;
    }

    private function tier(Node $node): string
    {
        return isset($this->tiers[$node->text()])
            ? $node->text()
            : throw $node->fail(
                'There is no sort of customers "{given}"; there are: {known}.',
                given: $node->text(),
                known: implode(', ', array_keys($this->tiers)),
            );
    }

    private function place(Node $node): Place
    {
        $slug = $node->text();
        if (!array_key_exists($slug, $this->places)) {
            $this->places[$slug] = Place::query()->where('slug', $slug)->first();
        }

        return $this->places[$slug] ?? throw $node->fail('There is no place "{given}".', given: $slug);
    }

    /** @return string|int|float|bool|list<string>|null */
    private function value(string $path, Node $node): string|int|float|bool|array|null
    {
        $field = $this->house->catalogue->find($path);
        if ($field === null || !self::isOfCustomers($path, $this->house->customFields)) {
            throw $node->fail('There is no field "{path}" of customers that is changed by hand.', path: $path);
        }

        return ValueCodec::isBlank($node) ? null : ValueCodec::read($node, $field, $this->house->roster);
    }

    /** @return list<array{name: string|null, role: string|null, email: string|null, phone: string|null}> */
    private function contacts(Node $list): array
    {
        $contacts = [];
        foreach ($list->items() as $node) {
            if (count($contacts) === self::MOST_CONTACTS) {
                throw $list->fail('A customer has at most {most} contacts.', most: self::MOST_CONTACTS);
            }
            $node->only(['name', 'role', 'email', 'phone']);
            $line = static fn(string $member, int $most): ?string => $node->has($member) &&
            !ValueCodec::isBlank($node->get($member))
                ? $node->get($member)->line($most)
                : null;
            $contact = [
                'name' => $line('name', TextLimits::NAME),
                'role' => $line('role', TextLimits::LABEL),
                'email' => $line('email', TextLimits::TITLE),
                'phone' => $line('phone', TextLimits::PHONE),
            ];
            if ($contact['email'] !== null && filter_var($contact['email'], FILTER_VALIDATE_EMAIL) === false) {
                throw $node->get('email')->fail('Give an e-mail address.');
            }
            if (array_filter([$contact['name'], $contact['email'], $contact['phone']]) === []) {
                throw $node->unfinished('A contact has a name, an e-mail address or a telephone number.');
            }
            $contacts[] = $contact;
        }

        return $contacts;
    }
}
