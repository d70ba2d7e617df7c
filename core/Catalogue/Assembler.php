<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\Measured;

/** What a workshop that makes and populates boards asks for, as one tier of its prices states it. */
#[Heading('Assemblers')]
final readonly class Assembler implements Part
{
    private const MOST_STOCK = 2000;

    /**
     * @param bool $bothSides parts can lie on both sides of the board
     * @param int $leastCount boards in one order
     * @param int $leadDays from the order to the door
     * @param float $boardEuros one bare board in so small a number, per square decimetre
     * @param float $setUpEuros once for each order
     * @param float $jointEuros each joint that is soldered there
     * @param float $shippingEuros each order
     * @param list<string> $stock parts that it keeps, as the parts list calls them; empty while nobody has said
     * @param list<string> $partsColumns headings of the parts list it asks for
     * @param list<string> $placementColumns headings of the placement list it asks for
     */
    public function __construct(
        public PartIdentity $identity,
        public bool $bothSides = false,
        public int $leastCount = 5,
        public int $leadDays = 14,
        #[Measured(Unit::Euro)]
        public float $boardEuros = 0.0,
        #[Measured(Unit::Euro)]
        public float $setUpEuros = 0.0,
        #[Measured(Unit::Euro)]
        public float $jointEuros = 0.0,
        #[Measured(Unit::Euro)]
        public float $shippingEuros = 0.0,
        #[ListOf('string')]
        public array $stock = [],
        #[ListOf('string')]
        public array $partsColumns = ['designators', 'value', 'package', 'quantity'],
        #[ListOf('string')]
        public array $placementColumns = ['designator', 'x', 'y', 'side', 'rotation'],
    ) {
        if ($leastCount < 1 || $leastCount > 10_000 || $leadDays < 0 || $leadDays > 365) {
            throw new \InvalidArgumentException('An assembler makes 1 to 10000 boards at least, in 0 to 365 days.');
        }
        if (count($stock) > self::MOST_STOCK) {
            throw new \InvalidArgumentException(sprintf('A stock list names at most %d parts.', self::MOST_STOCK));
        }
        $unknown = [
            ...array_diff($partsColumns, AssemblerColumn::OF_PARTS),
            ...array_diff($placementColumns, AssemblerColumn::OF_PLACEMENT),
        ];
        if ([] !== $unknown) {
            throw new \InvalidArgumentException(sprintf(
                'No list has a column “%s”. Of parts there are %s; of placement %s.',
                mb_substr($unknown[0], 0, 30),
                implode(', ', AssemblerColumn::OF_PARTS),
                implode(', ', AssemblerColumn::OF_PLACEMENT),
            ));
        }
    }

    public function identity(): PartIdentity
    {
        return $this->identity;
    }
}
