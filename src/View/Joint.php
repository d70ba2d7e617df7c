<?php

declare(strict_types=1);

namespace IronLatch\View;

use IronLatch\Core\Quantity\Margin;
use IronLatch\Core\Review\Finding;

/** The hand-off between two links of a line. */
final readonly class Joint
{
    private const GREATEST_DOUBLINGS = 3.0;

    /**
     * @param string $id the link that it leads to: “pin”, “driver”, “coil”, “contact”, “appliance”
     * @param list<Finding> $findings that speak of it
     */
    public function __construct(
        public string $id,
        public string $title,
        public JointState $state,
        public ?Margin $margin,
        public array $findings,
    ) {}

    /** Where a margin lies on the drawn measure: 0 at a quarter, 1 at eightfold, by doublings; 1× at 0.4. */
    public static function place(float $ratio): float
    {
        return max(0.0, min(1.0, (log(max($ratio, 1e-6), 2) + 2) / (2 + self::GREATEST_DOUBLINGS)));
    }
}
