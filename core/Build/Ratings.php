<?php

declare(strict_types=1);

namespace IronLatch\Core\Build;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\MainsFuse;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Mains\LivePath;
use IronLatch\Core\Power\Budget;
use IronLatch\Core\Quantity\NotAQuantity;
use IronLatch\Core\Quantity\QuantityParser;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\DeviceKind;
use IronLatch\Core\Wiring\Net;
use IronLatch\Core\Wiring\NetKind;
use IronLatch\Core\Wiring\WiredDevice;

/** What parts must bear at the most that can come, beside what the usual part bears. */
final readonly class Ratings
{
    /** Resistors as they are usually bought (common practice, no source). */
    private const RESISTOR_WATTS = 0.25;
    /** Diodes of the 1 A class. */
    private const DIODE_AMPS = 1.0;
    /** Capacitors last where they see no more than this share of their voltage (common practice, no source). */
    private const CAPACITOR_SHARE = 0.8;
    /** Voltages that electrolytic capacitors are made for (IEC 60063-like series, from memory). */
    public const CAPACITOR_VOLTS = [6.3, 10.0, 16.0, 25.0, 35.0, 50.0, 63.0, 100.0];

    /** @var array<string, list<Net>> nets of a device */
    private array $nets;

    public function __construct(private Board $board, private Connections $connections, private Budget $power, private LivePath $mains)
    {
        $nets = [];
        foreach ($connections->nets as $net) {
            foreach ($net->ends as $end) {
                $nets[$end->device][$net->id] = $net;
            }
        }
        $this->nets = array_map(array_values(...), $nets);
    }

    /**
     * @return array<string, Rating> by designator; what nothing is known of has none
     */
    public function all(): array
    {
        $all = [];
        foreach ($this->connections->devices as $device) {
            $rating = match ($device->kind) {
                DeviceKind::Resistor => $this->resistor($device),
                DeviceKind::Capacitor => $this->capacitor($device),
                DeviceKind::Diode => $this->diode($device),
                DeviceKind::Transistor => $this->transistor($device),
                DeviceKind::Relay => $this->contact($device),
                DeviceKind::Supply, DeviceKind::Converter => $this->source($device),
                DeviceKind::Fuse => $this->fuse($device),
                default => null,
            };
            if (null !== $rating) {
                $chosen = ($this->board->build->ratings[$device->id] ?? null)?->in($rating->unit);
                $all[$device->id] = null === $chosen ? $rating : $rating->of($chosen);
            }
        }

        return $all;
    }

    /** As if the whole voltage of its circuit lay across it. */
    private function resistor(WiredDevice $device): ?Rating
    {
        $volts = $this->volts($device);
        $ohms = self::quantity($device->value, Unit::Ohm);
        if (null === $volts || null === $ohms || $ohms <= 0) {
            return null;
        }

        return new Rating(
            $volts ** 2 / $ohms,
            self::RESISTOR_WATTS,
            Unit::Watt,
            sprintf('(%.3g V)² ÷ R, as if all of it lay across', $volts),
        );
    }

    private function capacitor(WiredDevice $device): ?Rating
    {
        $volts = $this->volts($device);
        if (null === $volts) {
            return null;
        }
        $needed = $volts / self::CAPACITOR_SHARE;
        foreach (self::CAPACITOR_VOLTS as $made) {
            if ($made >= $needed) {
                return new Rating($needed, $made, Unit::Volt, sprintf('%.3g V are at most 80 %% of it', $volts));
            }
        }

        return new Rating($needed, null, Unit::Volt, sprintf('%.3g V are at most 80 %% of it', $volts));
    }

    /** A clamp diode takes over the coil’s current when the driver lets go. */
    private function diode(WiredDevice $device): ?Rating
    {
        $actuator = $this->board->actuators()[$device->subject] ?? null;
        if (!$actuator instanceof Actuator || null === $actuator->relay) {
            return null;
        }
        $relay = $this->board->relay($actuator);

        return new Rating(
            $relay->coilVolts / $relay->coilResistance->min,
            self::DIODE_AMPS,
            Unit::Ampere,
            'U ÷ R of the coil at its least',
        );
    }

    /** A transistor carries the whole of what it switches. */
    private function transistor(WiredDevice $device): ?Rating
    {
        $actuator = $this->board->actuators()[$device->subject] ?? null;
        $part = $this->board->parts[$device->part ?? ''] ?? null;
        if (!$part instanceof Transistor || !$actuator instanceof Actuator || null === $actuator->relay) {
            return null;
        }
        $relay = $this->board->relay($actuator);

        return new Rating(
            $this->board->railVolts($actuator->rail)->max / $relay->coilResistance->min,
            $part->greatestAmps,
            Unit::Ampere,
            sprintf('U ÷ R of the coil at its least: any %s that bears as much, if its gain suffices', $part->isPnp ? 'PNP' : 'NPN'),
        );
    }

    private function contact(WiredDevice $device): ?Rating
    {
        $load = $this->mains->contacts[$device->subject] ?? null;
        $actuator = $this->board->actuators()[$device->subject] ?? null;
        if (null === $load || !$actuator instanceof Actuator || null === $actuator->relay) {
            return null;
        }

        return new Rating($load->amps->value, $this->board->relay($actuator)->contactAcAmps, Unit::Ampere, $load->amps->formula);
    }

    private function source(WiredDevice $device): ?Rating
    {
        $budget = $this->power->rails[$device->subject] ?? null;

        return null === $budget
            ? null
            : new Rating($budget->continuous->value, $budget->rated->value, Unit::Ampere, 'all that it feeds, for good');
    }

    private function fuse(WiredDevice $device): ?Rating
    {
        $part = $this->board->parts[$device->part ?? ''] ?? null;

        return $part instanceof MainsFuse
            ? new Rating($this->mains->total->value, $part->ratedAmps, Unit::Ampere, 'all mains lines that run at once')
            : null;
    }

    /** The most that can lie across a part of the low-voltage side; null where mains comes to it, or nothing is known. */
    private function volts(WiredDevice $device): ?float
    {
        $most = null;
        foreach ($this->nets[$device->id] ?? [] as $net) {
            if ($net->kind->isMains()) {
                return null;
            }
            $rail = NetKind::Rail === $net->kind && null !== $net->rail ? $this->board->railVolts($net->rail)->max : null;
            $most = null === $rail ? $most : max($most ?? 0.0, $rail);
        }
        $actuator = $this->board->actuators()[$device->subject] ?? null;
        $logic = $this->board->controller()->chip->electrics->supply->max;

        return match (true) {
            null !== $most => $most,
            $actuator instanceof Actuator || isset($this->board->functions[$device->subject]) => $logic,
            default => null,
        };
    }

    private static function quantity(string $words, Unit $unit): ?float
    {
        try {
            return QuantityParser::parse($words, $unit);
        } catch (NotAQuantity) {
            return null;
        }
    }
}
