<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\FactOf;
use IronLatch\Core\Record\Measured;

/** A cable between two places in the house, core by core. What nobody has said is null. */
final readonly class HouseCable
{
    private const MOST_CORES = 60;

    /**
     * @param string $from id of a place
     * @param string $to id of another
     * @param ?Fact<int> $mains cores that carry mains: live, neutral, switched
     * @param ?Fact<int> $earth cores that are protective earth
     * @param ?Fact<int> $low cores that carry extra-low voltage
     * @param ?Fact<int> $free cores that carry nothing
     * @param ?Fact<float> $squareMetres of each core
     * @param ?Fact<float> $insulationVolts that each core is insulated for, conductor to earth
     */
    public function __construct(
        public string $from,
        public string $to,
        #[FactOf('int')]
        public ?Fact $mains = null,
        #[FactOf('int')]
        public ?Fact $earth = null,
        #[FactOf('int')]
        public ?Fact $low = null,
        #[FactOf('int')]
        public ?Fact $free = null,
        #[FactOf('float'), Measured(Unit::SquareMetre, above: true)]
        public ?Fact $squareMetres = null,
        #[FactOf('float'), Measured(Unit::Volt, above: true, most: 1000.0)]
        public ?Fact $insulationVolts = null,
    ) {
        foreach ([$mains, $earth, $low, $free] as $cores) {
            if (is_int($cores?->value) && ($cores->value < 0 || $cores->value > self::MOST_CORES)) {
                throw new \InvalidArgumentException(sprintf('A cable has between 0 and %d cores of one kind.', self::MOST_CORES));
            }
        }
        if ($from === $to) {
            throw new \InvalidArgumentException('A cable runs between two places. Choose another end.');
        }
    }

    /** Cores of one kind, 0 while nobody has said how many. */
    public function cores(string $kind): int
    {
        $said = match ($kind) {
            'mains' => $this->mains,
            'earth' => $this->earth,
            'low' => $this->low,
            default => $this->free,
        };

        return is_int($said?->value) ? $said->value : 0;
    }

    public function joins(string $one, string $other): bool
    {
        return [$one, $other] === [$this->from, $this->to] || [$other, $one] === [$this->from, $this->to];
    }
}
