<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\WiringFacts;
use IronLatch\Core\Catalogue\HeaderPin;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** Where what the whole board shares is to be found in its connection list: rails, grounds, the controller and its pins. */
final class Places
{
    public const CONTROLLER = 'U01';
    public const GROUND = 'GND';
    public const PIN_SUPPLY = 'VDD';

    private readonly string $pinSupply;
    public readonly WiringFacts $facts;

    public function __construct(public readonly Board $board, public readonly Harness $harness)
    {
        $this->facts = $board->wiring;
        $this->pinSupply = self::supplyOfThePins($board);
    }

    /** The number in an id: R31 is the first resistor of relay A3. */
    public static function number(string $id): string
    {
        return (string) preg_replace('/\D+/', '', $id);
    }

    /** The net that the pins are supplied from: the carrier’s own output, or the rail that feeds it without a regulator between. */
    public function pinSupply(): string
    {
        if (self::PIN_SUPPLY === $this->pinSupply) {
            $label = $this->board->controller()->carrier->outputLabel;
            $this->harness->net(self::PIN_SUPPLY, $label, NetKind::Rail, Area::LowVoltage);
        } else {
            $this->rail($this->pinSupply);
        }

        return $this->pinSupply;
    }

    public function rail(string $rail): string
    {
        return $this->harness->net($rail, $this->board->rails[$rail]->name, NetKind::Rail, Area::LowVoltage, $rail);
    }

    /** The ground of a rail: the controller’s, unless the maker keeps it apart. */
    public function ground(string $rail = ''): string
    {
        $root = '' === $rail ? self::root($this->board, $this->board->mcu->rail) : self::root($this->board, $rail);
        $own = self::root($this->board, $this->board->mcu->rail);
        $joined = $this->board->rails[$root]->groundJoined?->value;
        if ($root !== $own && null === $joined) {
            $this->harness->note(sprintf(
                'Whether the ground of %s is joined to the controller’s is not stated: it is drawn joined.',
                $this->board->rails[$root]->name,
            ));
        }
        if ($root === $own || false !== $joined) {
            return $this->harness->net(self::GROUND, 'GND', NetKind::Ground, Area::LowVoltage);
        }

        return $this->harness->net(
            self::GROUND . '.' . $root,
            'GND of ' . $this->board->rails[$root]->name,
            NetKind::Ground,
            Area::LowVoltage,
            $root,
        );
    }

    /** The rail of the source from which a rail comes in the end. */
    public static function root(Board $board, string $rail): string
    {
        while (null === $board->source($rail)) {
            $rail = $board->rails[$rail]->from ?? $board->mcu->rail;
        }

        return $rail;
    }

    /**
     * The terminal of the pin that a function sits on.
     *
     * @return ?array{string, string} device and terminal; null while it sits nowhere
     */
    public function pinOf(string $function): ?array
    {
        $name = $this->board->seats[$function]->pin ?? null;
        $pin = null === $name ? null : $this->board->controller()->pins[$name] ?? null;
        if (null === $pin) {
            return null;
        }
        if (null !== $pin->expander) {
            return ['U' . self::number($pin->expander) . '2', substr($pin->name(), strlen($pin->expander) + 1)];
        }

        return [self::CONTROLLER, self::place($pin->header)];
    }

    /** The net of a function, joined to its pin; functions that share a pin are joined by it. */
    public function signal(string $function, Area $area = Area::LowVoltage): string
    {
        $sharing = $this->board->functionsOn($this->board->seats[$function]->pin ?? '');
        $first = $sharing[0] ?? $function;
        $names = array_map(fn(string $one): string => $this->board->functions[$one]->name, [] === $sharing ? [$function] : $sharing);
        $net = $this->harness->net($first, implode(' and ', $names), NetKind::Signal, $area);
        $pin = $this->pinOf($function);
        if (null !== $pin) {
            $this->harness->join($net, $pin[0], $pin[1], 'H' . self::number($first) . '0', $first);
        }

        return $net;
    }

    /**
     * What a line switches, at the end of a lead of its own.
     *
     * @param list<string> $terminals
     * @return string its designator
     */
    public function appliance(string $id, array $terminals, string $note = ''): string
    {
        $line = $this->board->lines[$id];

        return $this->harness->device(
            DeviceKind::Appliance,
            self::number($id) . '1',
            $line->name,
            Harness::terminals(null, $terminals, Joining::OwnLead),
            $id,
            is_float($line->watts->value) ? QuantityPrinter::rounded($line->watts->value, Unit::Watt) : '',
            $line->appliance,
            $note,
        );
    }

    /** Side and place of a pin on its header: L3 is the third from the top at the left. */
    public static function place(HeaderPin $pin): string
    {
        return strtoupper($pin->side->value[0]) . $pin->position;
    }

    /** The first terminal of the controller that bears a label. */
    public function labelled(string $label): string
    {
        foreach ($this->board->controller()->carrier->header as $pin) {
            if ($pin->label === $label) {
                return self::place($pin);
            }
        }

        return $label;
    }

    private static function supplyOfThePins(Board $board): string
    {
        $carrier = $board->controller()->carrier;
        foreach (array_keys($board->rails) as $rail) {
            if ($board->feeder($rail) === $carrier) {
                return $rail;
            }
        }

        return $carrier->givesWhenFedAt($board->entry()->label) ? self::PIN_SUPPLY : $board->mcu->rail;
    }
}
