<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Catalogue;

use IronLatch\Core\Catalogue\BootPhase;
use IronLatch\Core\Catalogue\Chip;
use IronLatch\Core\Catalogue\PinState;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Pulls that the chips switch on by themselves at reset: the pin tables of their data sheets, from memory. */
final class StartUpLevelsTest extends TestCase
{
    #[TestWith(['esp32', 'GPIO4', PinState::PulledDown])]
    #[TestWith(['esp32', 'GPIO13', PinState::PulledDown], 'JTAG TCK')]
    #[TestWith(['esp32', 'GPIO14', PinState::PulledUp], 'JTAG TMS')]
    #[TestWith(['esp32-c3', 'GPIO6', PinState::PulledUp], 'JTAG TCK of the C3')]
    #[TestWith(['esp32-s3', 'GPIO39', PinState::PulledUp], 'JTAG TCK of the S3')]
    public function testPullsAtReset(string $chip, string $pin, PinState $state): void
    {
        $pins = array_values(array_filter(TestBoards::part($chip, Chip::class)->pins, static fn($one): bool => $one->name === $pin));
        self::assertSame($state, $pins[0]->bootFact(BootPhase::Reset)?->state);
    }
}
