<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\FactOf;
use IronLatch\Core\Record\Measured;

/** What the program does, and what it is built with. */
final readonly class ProgramFacts
{
    private const GREATEST_STAGGER_SECONDS = 60.0;

    /**
     * @param Fact<bool> $radioUsed whether it uses the controller’s radio
     * @param Fact<OutputOrder> $outputOrder in which order it makes outputs of its pins
     * @param ?Fact<bool> $driveRaised it raises the drive strength of its outputs before it uses them
     * @param ?Fact<float> $staggerSeconds between the lines of a group, or of those that come back after a power cut
     * @param ?Fact<float> $keptAfterSeconds that a state rests before it is written into memory that outlives a power cut
     * @param ?Fact<float> $watchdogSeconds after which a loop that hangs is reset; 0 for never
     * @throws \InvalidArgumentException when lines follow each other in no sensible time
     */
    public function __construct(
        #[FactOf('bool')]
        public Fact $radioUsed,
        #[FactOf(OutputOrder::class)]
        public Fact $outputOrder,
        #[FactOf('bool')]
        public ?Fact $driveRaised = null,
        #[FactOf('float'), Measured(Unit::Second)]
        public ?Fact $staggerSeconds = null,
        public ?FirmwareFacts $firmware = null,
        #[FactOf('float'), Measured(Unit::Second)]
        public ?Fact $keptAfterSeconds = null,
        #[FactOf('float'), Measured(Unit::Second)]
        public ?Fact $watchdogSeconds = null,
    ) {
        if (is_float($staggerSeconds?->value) && ($staggerSeconds->value < 0 || $staggerSeconds->value > self::GREATEST_STAGGER_SECONDS)) {
            throw new \InvalidArgumentException('Lines follow each other within 0 to 60 s. Usual are 200 to 500 ms.');
        }
        if (is_float($keptAfterSeconds?->value) && ($keptAfterSeconds->value < 0 || $keptAfterSeconds->value > 3600)) {
            throw new \InvalidArgumentException('A state rests for 0 s to an hour before it is written into memory. Usual are 5 s.');
        }
        if (is_float($watchdogSeconds?->value) && ($watchdogSeconds->value < 0 || $watchdogSeconds->value > 60)) {
            throw new \InvalidArgumentException('A watchdog resets within 60 s; write 0 s for none. Usual are 2 s.');
        }
    }

    /**
     * Null leaves a field as it is.
     *
     * @param ?Fact<bool> $radioUsed
     * @param ?Fact<OutputOrder> $outputOrder
     * @param ?Fact<bool> $driveRaised
     * @param ?Fact<float> $staggerSeconds
     * @param ?Fact<float> $keptAfterSeconds
     * @param ?Fact<float> $watchdogSeconds
     */
    public function with(
        ?Fact $radioUsed = null,
        ?Fact $outputOrder = null,
        ?Fact $driveRaised = null,
        ?Fact $staggerSeconds = null,
        ?FirmwareFacts $firmware = null,
        ?Fact $keptAfterSeconds = null,
        ?Fact $watchdogSeconds = null,
    ): self {
        return Copy::said($this, get_defined_vars());
    }
}
