<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/**
 * When a sensor switches its line on and off. On at a lower value than off is a heater, on at a higher one a cooler; between the
 * two nothing changes. A sensor that says yes or no needs no thresholds.
 */
final readonly class SensorRule
{
    /**
     * @param ?float $onCelsius from which it is on, of a temperature
     * @param ?float $offCelsius from which it is off
     * @param ?float $onPercent of humidity or of a range of light
     * @param float $leastOnSeconds that it stays on at least, whatever the sensor says
     * @param float $leastOffSeconds that it stays off at least
     * @param ?LostSensor $whenLost what a lost sensor does; null while nothing is said of it
     */
    public function __construct(
        public Sensed $sensed,
        #[Measured(Unit::Celsius)]
        public ?float $onCelsius = null,
        #[Measured(Unit::Celsius)]
        public ?float $offCelsius = null,
        #[Measured(Unit::Percent)]
        public ?float $onPercent = null,
        #[Measured(Unit::Percent)]
        public ?float $offPercent = null,
        #[Measured(Unit::Second)]
        public float $leastOnSeconds = 0.0,
        #[Measured(Unit::Second)]
        public float $leastOffSeconds = 0.0,
        public ?LostSensor $whenLost = null,
    ) {
        foreach ([$onCelsius, $offCelsius] as $celsius) {
            if (null !== $celsius && (Sensed::Temperature !== $sensed || $celsius < -40 || $celsius > 150)) {
                throw new \InvalidArgumentException('A threshold in °C belongs to a temperature, and lies between −40 °C and 150 °C.');
            }
        }
        foreach ([$onPercent, $offPercent] as $percent) {
            if (null !== $percent && ((Sensed::Humidity !== $sensed && Sensed::Light !== $sensed) || $percent < 0 || $percent > 100)) {
                throw new \InvalidArgumentException('A threshold in % belongs to humidity or light, and lies between 0 % and 100 %.');
            }
        }
        foreach ([$leastOnSeconds, $leastOffSeconds] as $seconds) {
            if ($seconds < 0 || $seconds > 86_400) {
                throw new \InvalidArgumentException('A least time lies between 0 s and a day. Usual are some minutes.');
            }
        }
    }

    /** In words, as short as a cell is: “on below 19 °C, off above 20 °C”. */
    public function said(): string
    {
        if (null === $this->on() || null === $this->off()) {
            return $this->sensed->value;
        }
        [$on, $off] = [QuantityPrinter::rounded($this->on(), $this->unit()), QuantityPrinter::rounded($this->off(), $this->unit())];

        return $this->on() < $this->off()
            ? sprintf('on below %s, off above %s', $on, $off)
            : sprintf('on above %s, off below %s', $on, $off);
    }

    /** The value from which it is on, in °C or %. */
    public function on(): ?float
    {
        return $this->onCelsius ?? $this->onPercent;
    }

    public function off(): ?float
    {
        return $this->offCelsius ?? $this->offPercent;
    }

    /** Between on and off, in °C or %; null while one of them is not known. */
    public function hysteresis(): ?float
    {
        return null === $this->on() || null === $this->off() ? null : abs($this->on() - $this->off());
    }

    public function unit(): Unit
    {
        return Sensed::Temperature === $this->sensed ? Unit::Celsius : Unit::Percent;
    }
}
