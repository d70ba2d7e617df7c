<?php

declare(strict_types=1);

namespace IronLatch\Core\Record;

use IronLatch\Core\Quantity\Range;
use IronLatch\Core\Quantity\Unit;

/** The form that one value has in a file. */
final readonly class ValueShape
{
    /**
     * @param ?class-string $class of a record, a variant's interface or an enum
     * @param ?ValueShape $item what a list, a map or a fact holds
     * @param ?Range $range of a quantity or a spread
     */
    public function __construct(
        public ValueKind $kind,
        public ?string $class = null,
        public ?Unit $unit = null,
        public ?self $item = null,
        public string $keys = '',
        public ?Range $range = null,
    ) {}
}
