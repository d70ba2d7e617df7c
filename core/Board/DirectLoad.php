<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Insulation;
use IronLatch\Core\Catalogue\PartIdentity;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Quantity\Spread;

/**
 * A DC appliance that a driver switches without a relay between, such as a valve or a motor: seen from the driver it is a coil
 * that draws its stated watts.
 *
 * Its resistance is taken as ±10 %; it works from 85 % of its voltage on, bears 110 %, and is off below 10 % (common practice for
 * solenoid valves, from memory). Its time constant is taken as 10 ms (from memory).
 */
final class DirectLoad
{
    public const TIME_CONSTANT_SECONDS = 10e-3;
    private const TOLERANCE = 0.1;
    private const OPERATES_FROM = 0.85;
    private const OFF_BELOW = 0.1;
    private const BEARS = 1.1;

    /**
     * @param ?float $switchAmps rating of the part that switches it
     * @param ?float $switchVolts
     */
    public static function asCoil(Appliance $appliance, float $volts, float $watts, ?float $switchAmps, ?float $switchVolts): Relay
    {
        return new Relay(
            new PartIdentity(
                'appliance-itself',
                1,
                'The appliance itself',
                Basis::CommonPractice,
                'Seen as a coil that draws the stated watts: ±10 %, works from 85 % of its voltage on, bears 110 %',
            ),
            $volts,
            Spread::tolerance($volts ** 2 / max($watts, 1e-3), self::TOLERANCE),
            self::OPERATES_FROM,
            self::OFF_BELOW,
            self::BEARS,
            0.0,
            0.0,
            $switchAmps ?? 0.0,
            $switchVolts ?? 0.0,
            Insulation::Unstated,
            statedWarm: true,
        );
    }
}
