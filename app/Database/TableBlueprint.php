<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Schema\Blueprint;
use Illuminate\Database\Schema\ColumnDefinition;
use Illuminate\Database\Schema\ForeignIdColumnDefinition;

/**
 * The tables' blueprint, with ids that are compared by their bytes.
 *
 * By the rules of a language, which the rest of the database goes by, that
 * takes most of the time of a query that looks people's tasks up.
 */
final class TableBlueprint extends Blueprint
{
    /**
     * @param string   $column
     * @param int|null $length
     */
    public function ulid($column = 'id', $length = 26): ColumnDefinition
    {
        return parent::ulid($column, $length)->charset('ascii')->collation('ascii_bin');
    }

    /**
     * @param string   $column
     * @param int|null $length
     */
    public function foreignUlid($column, $length = 26): ForeignIdColumnDefinition
    {
        $definition = parent::foreignUlid($column, $length);
        $definition->charset('ascii')->collation('ascii_bin');

        return $definition;
    }
}
