<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Bench;

use IronLatch\Core\Bench\Customary;
use IronLatch\Core\Program\Usual;
use PHPUnit\Framework\TestCase;

/** What program and bench keep to where nothing is stated, written down once more: common practice, from memory. */
final class UsualFiguresTest extends TestCase
{
    public function testWhatTheProgramKeepsTo(): void
    {
        self::assertSame([
            'PAUSE_SECONDS' => 0.1,
            'TURNING_SECONDS' => 0.5,
            'KEPT_AFTER_SECONDS' => 5.0,
            'WATCHDOG_SECONDS' => 2.0,
            'PULSE_FACTOR' => 2.0,
            'WELD_ALARM_SECONDS' => 1.0,
            'RESETS' => 3,
            'QUIET_SECONDS' => 600.0,
            'FIRST_RETRY_SECONDS' => 1.0,
            'LONGEST_RETRY_SECONDS' => 60.0,
            'GAP_SECONDS' => 0.3,
            'KEY_RELEASED_SECONDS' => 0.15,
        ], (new \ReflectionClass(Usual::class))->getConstants());
    }

    public function testWhatTheWorldIsLike(): void
    {
        self::assertSame([
            'BOUNCE_SECONDS' => 5e-3,
            'WORN_BOUNCE_SECONDS' => 20e-3,
            'PRESS_SECONDS' => 0.2,
            'REPEAT_SECONDS' => 0.108,
            'STRETCH_SECONDS' => 50e-6,
            'OPERATE_SECONDS' => 10e-3,
            'RELEASE_SECONDS' => 10e-3,
            'SOLID_STATE_SECONDS' => 10e-3,
            'JOIN_SECONDS' => 2.0,
            'REJOIN_SECONDS' => 0.5,
            'NETWORK_NOTICED_SECONDS' => 1.0,
            'FAR_END_NOTICED_SECONDS' => 5.0,
            'ATTEMPT_SECONDS' => 1.0,
            'WILL_SECONDS' => 22.5,
            'HOP_SECONDS' => 0.05,
            'START_SECONDS' => 0.3,
            'HOLD_UP_SECONDS' => 0.01,
            'READING_SECONDS' => 0.5,
            'SENSE_SECONDS' => 20e-3,
            'COMPRESSOR_REST_SECONDS' => 180.0,
            'TOGETHER_SECONDS' => 5e-3,
            'WARMING_SECONDS' => 600.0,
            'DIP_SECONDS' => 10e-3,
        ], (new \ReflectionClass(Customary::class))->getConstants());
    }
}
