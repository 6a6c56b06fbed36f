<?php

declare(strict_types=1);

namespace App\Customers;

use App\Access\Actor;
use App\Bridge\Houses;
use App\Bridge\Snapshot;
use App\Bridge\SnapshotSource;
use App\Models\Customers\Customer;
use App\Models\House\TableImport;
use App\Tables\ImportKind;
use App\Tables\ImportRow;
use App\Tables\ImportVerdict;
use App\Tables\ReadsCards;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Subject\CustomerFields;
use Sabre\VObject\Component\VCard;

/**
 * Customers as a table: a line for each. Whoever has no id is known by the name, where it is one's alone. A contact of
 * a line is the usual one; others stay. What is empty is not said.
 */
final class CustomersTable implements ImportKind, ReadsCards
{
    /** Each with what a heading may call it besides. */
    public const COLUMNS = [
        'id' => [],
        'name' => ['customer'],
        'tier' => ['sort'],
        'place' => [],
        'owner' => ['looked after by'],
        'on_form' => ['offered on the web form'],
        'tags' => [],
        'contact' => ['contact name'],
        'contact_role' => [],
        'contact_email' => ['e-mail', 'email'],
        'contact_phone' => ['telephone', 'phone'],
    ];

    private const MOST = 20_000;

    /** What faults call otherwise than columns. */
    private const PLACES = [
        CustomerFields::OWNER => 'owner',
        'contacts/0/name' => 'contact',
        'contacts/0/role' => 'contact_role',
        'contacts/0/email' => 'contact_email',
        'contacts/0/phone' => 'contact_phone',
    ];

    private ?Snapshot $house = null;

    /** @var array<string, int> lines in which a customer has come, by what tells them */
    private array $seen = [];

    public function __construct(
        private readonly SnapshotSource $snapshots,
        private readonly Houses $houses,
        private readonly SaveCustomer $save,
    ) {}

    public static function code(): string
    {
        return 'customers';
    }

    public static function most(): int
    {
        return self::MOST;
    }

    public function columns(): array
    {
        return self::COLUMNS + array_map(static fn(Field $field): array => [$field->label], $this->fields());
    }

    public function needed(): array
    {
        return [['name', 'id']];
    }

    public function document(array $cells): array
    {
        $document = array_filter([
            'id' => $cells['id']->text ?? null,
            'name' => $cells['name']->text ?? null,
            'tier' => $cells['tier']->text ?? null,
            'place' => $cells['place']->text ?? null,
            'owner' => $cells['owner']->text ?? null,
        ]);
        if (isset($cells['on_form'])) {
            $document['on_form'] = $cells['on_form']->yes();
        }
        if (isset($cells['tags'])) {
            $document['tags'] = $cells['tags']->listed();
        }
        foreach (
            ['name' => 'contact', 'role' => 'contact_role', 'email' => 'contact_email', 'phone' => 'contact_phone']
            as $member => $column
        ) {
            if (isset($cells[$column])) {
                $document['contact'][$member] = $cells[$column]->text;
            }
        }
        foreach (array_intersect_key($this->fields(), $cells) as $path => $field) {
            $document['set'][$path] = $cells[$path]->value($field);
        }

        return $document;
    }

    public function card(VCard $card): array
    {
        return CustomerCard::cells($card);
    }

    public function look(array $rows): array
    {
        $piece = new CustomersPiece($rows, $this->house());
        $reader = $piece->reader();

        return array_map(fn(ImportRow $row): ImportVerdict => $this->verdict($row, $piece, $reader), $rows);
    }

    public function carryOut(array $rows, TableImport $import): array
    {
        return DB::transaction(function () use ($rows, $import): array {
            $locked = $this->houses->lock();
            $piece = new CustomersPiece($rows, $locked->house->snapshot);
            $reader = $piece->reader();
            $by = Actor::user($import->user()->firstOrFail());

            return array_map(
                fn(ImportRow $row): ImportVerdict => self::told($row, function () use (
                    $row,
                    $piece,
                    $reader,
                    $locked,
                    $by,
                ): ImportVerdict {
                    $customer = $piece->customer($row);
                    $before = $customer?->revision;
                    $saved = $this->save->within(
                        $locked,
                        $customer,
                        $reader->read(Node::root($piece->document($row, $customer))),
                        $by,
                        quiet: true,
                    );
                    $piece->put($saved);
                    $what = match ($before) {
                        null => ImportVerdict::MAKES,
                        $saved->revision => ImportVerdict::SAME,
                        default => ImportVerdict::CHANGES,
                    };

                    return new ImportVerdict($row->line, $what, (string) $saved->name);
                }),
                $rows,
            );
        }, attempts: 3);
    }

    private function verdict(ImportRow $row, CustomersPiece $piece, CustomerReader $reader): ImportVerdict
    {
        return self::told($row, function () use ($row, $piece, $reader): ImportVerdict {
            $customer = $piece->customer($row);
            $known = $customer->id ?? mb_strtolower(self::name($row));
            if (isset($this->seen[$known])) {
                throw DocumentError::at('', 'This is the same customer as in line {line}.', line: $this->seen[$known]);
            }
            $this->seen[$known] = $row->line;
            $terms = $reader->read(Node::root($piece->document($row, $customer)));
            $changes = SaveCustomer::changes($customer ?? new Customer(), $terms);
            $what = match (true) {
                $customer === null => ImportVerdict::MAKES,
                $changes => ImportVerdict::CHANGES,
                default => ImportVerdict::SAME,
            };

            return new ImportVerdict($row->line, $what, $customer->name ?? self::name($row));
        });
    }

    /** @param callable(): ImportVerdict $do */
    private static function told(ImportRow $row, callable $do): ImportVerdict
    {
        try {
            return $do();
        } catch (DocumentError $error) {
            return ImportVerdict::wrong($row->line, self::name($row), $error, self::PLACES);
        }
    }

    private static function name(ImportRow $row): string
    {
        $name = $row->document['name'] ?? ($row->document['id'] ?? '');

        return is_string($name) ? $name : '';
    }

    /** @return array<string, Field> that the house has added to customers, and still offers */
    private function fields(): array
    {
        return array_filter(
            CustomerReader::fields($this->house()),
            static fn(Field $field): bool => $field->path !== CustomerFields::OWNER,
        );
    }

    /** As it is when the table is looked at. */
    private function house(): Snapshot
    {
        return $this->house ??= $this->snapshots->current();
    }
}
