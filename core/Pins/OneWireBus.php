<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Catalogue\Pull;
use IronLatch\Core\Catalogue\PullDirection;

/** The pull-up of a one-wire bus: strong enough to lift its cable within a time slot, weak enough for a sensor to pull it down. */
final readonly class OneWireBus
{
    /** Of a pair in a cable, and of a sensor with the pin (common practice, from memory). */
    private const FARADS_PER_METRE = 100e-12;
    private const FARADS_PER_SENSOR = 50e-12;
    /**
     * From the release of the wire to the reading of it, in the slots of the usual programs (from memory; the sensor’s data sheet ends
     * the slot at 15 µs).
     */
    public const RISE_SECONDS = 10e-6;
    /** What a sensor sinks, and how low it then still is (data sheet, from memory). */
    public const SINK_AMPS = 4e-3;
    private const SINK_VOLTS = 0.4;

    /**
     * @param ?Pull $pull outside the chip, on the wire or on the carrier
     * @param float $farads of cable and sensors together
     * @param float $supplyVolts of the pins, at its highest
     * @param float $highRatio the least high over the supply
     * @param float $greatestOhms
     * @param float $leastOhms
     */
    private function __construct(
        public ?Pull $pull,
        public float $farads,
        public float $supplyVolts,
        public float $highRatio,
        public float $greatestOhms,
        public float $leastOhms,
    ) {}

    /**
     * @param list<string> $functions all that hang on the wire
     */
    public static function of(Board $board, Pin $pin, array $functions): self
    {
        $metres = 0.0;
        $sensors = 0;
        $pull = PullDirection::Up === $pin->header->pull?->direction ? $pin->header->pull : null;
        foreach ($functions as $id) {
            $function = $board->functions[$id];
            if (FunctionKind::OneWireSensor === $function->kind) {
                ++$sensors;
                $metres += is_float($function->cableMetres->value) ? $function->cableMetres->value : 0.0;
            }
            $pull = PullDirection::Up === $function->pull?->direction ? $function->pull : $pull;
        }
        $electrics = $pin->silicon->electrics;
        $farads = self::FARADS_PER_METRE * $metres + self::FARADS_PER_SENSOR * $sensors;

        return new self(
            $pull,
            $farads,
            $electrics->supply->max,
            $electrics->inputHighRatio,
            self::RISE_SECONDS / ($farads * -log(1 - $electrics->inputHighRatio)),
            ($electrics->supply->max - self::SINK_VOLTS) / self::SINK_AMPS,
        );
    }
}
