<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Catalogue\Appliance;

/** A row of a pin table as the maker has confirmed it. */
final readonly class PinTableEntry
{
    /**
     * @param string $pin chip number or printed label; empty where it has none yet
     * @param Appliance $appliance what the relay of this row switches
     * @param string $operates of a switch or button: the name of the relay’s row that it operates; empty where it operates none
     */
    public function __construct(
        public string $name,
        public FunctionKind $kind,
        public string $pin,
        public Appliance $appliance,
        public string $operates = '',
    ) {}
}
