<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\FactOf;

/** The microcontroller on its carrier, how it is fed, and what is said of its hardware. */
final readonly class McuFacts
{
    /**
     * @param string $carrier part id of the controller’s carrier
     * @param string $rail the rail that feeds the carrier
     * @param string $entry label of the carrier’s pin that takes the supply; empty for the usual one
     * @param bool $printConfirmed the maker has compared the carrier’s header and print with the part file
     * @param ?Fact<bool> $usbTogether USB is plugged in while the board’s own source feeds the carrier; null while nothing is said of it
     * @param ?Fact<bool> $resetPulled the reset line of a bare module has its pull-up and capacitor; null while nothing is said of it
     * @param ?Fact<bool> $programmingAccess supply, serial lines, boot and reset of a bare module are led to a header
     * @param ?Fact<bool> $innerMemory the module has memory besides its usual flash (PSRAM, eight-wire flash), which takes pins
     */
    public function __construct(
        public string $carrier,
        public string $rail,
        public string $entry = '',
        public bool $printConfirmed = false,
        #[FactOf('bool')]
        public ?Fact $usbTogether = null,
        #[FactOf('bool')]
        public ?Fact $resetPulled = null,
        #[FactOf('bool')]
        public ?Fact $programmingAccess = null,
        #[FactOf('bool')]
        public ?Fact $innerMemory = null,
    ) {}

    /**
     * Null leaves a field as it is.
     *
     * @param ?Fact<bool> $usbTogether
     * @param ?Fact<bool> $resetPulled
     * @param ?Fact<bool> $programmingAccess
     * @param ?Fact<bool> $innerMemory
     */
    public function with(
        ?string $carrier = null,
        ?string $rail = null,
        ?string $entry = null,
        ?bool $printConfirmed = null,
        ?Fact $usbTogether = null,
        ?Fact $resetPulled = null,
        ?Fact $programmingAccess = null,
        ?Fact $innerMemory = null,
    ): self {
        return Copy::said($this, get_defined_vars());
    }
}
