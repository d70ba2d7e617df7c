<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\LoadKind;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\Measured;

/** Appliances of one kind that are to be switched alike: one row of a brief. Null and empty stand for what nobody has said. */
final readonly class Wanted
{
    public const MOST = 64;

    /**
     * @param int $count how many of them, each a line of its own
     * @param string $name what each is called; several get a number behind it
     * @param ?string $appliance part id; null for another one, which is described by its watts and its kind of load
     * @param ?float $watts of each
     * @param ?LoadKind $load of another one
     * @param ?bool $mayStart it may start by itself; null leaves that to its kind
     * @param ?bool $mustComeBack somebody or something suffers when it stays off after a power cut; null leaves that to its kind
     * @param list<SurfaceKind> $by ways to operate these alone, besides those for all
     * @param list<string> $lines ids of the lines that they became, in their order
     * @throws \InvalidArgumentException when it cannot be so
     */
    public function __construct(
        public int $count,
        public string $name,
        public ?string $appliance = null,
        #[Measured(Unit::Watt, least: 1e-3, most: 50e3)]
        public ?float $watts = null,
        public ?LoadKind $load = null,
        public ?bool $mayStart = null,
        public ?bool $mustComeBack = null,
        #[ListOf(SurfaceKind::class)]
        public array $by = [],
        #[ListOf('string')]
        public array $lines = [],
    ) {
        if ($count < 1 || $count > self::MOST) {
            throw new \InvalidArgumentException(sprintf('Between 1 and %d appliances of a kind are switched.', self::MOST));
        }
        if ('' === trim($name) || mb_strlen($name) > 100) {
            throw new \InvalidArgumentException('An appliance of the brief has a name of at most 100 characters.');
        }
        if (count($lines) > $count) {
            throw new \InvalidArgumentException('More lines came of this row than it asks for.');
        }
    }

    /** Whether it is known well enough to be drafted. */
    public function isDescribed(): bool
    {
        return null !== $this->appliance || (null !== $this->watts && null !== $this->load);
    }
}
