<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Catalogue\PinState;
use IronLatch\Core\Catalogue\Pull;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Drive\Circuit\SwitchCircuit;
use IronLatch\Core\Drive\Circuit\Thevenin;
use IronLatch\Core\Quantity\Spread;

/**
 * What the chip, the carrier and a pull resistor together put on a pin: a voltage behind a resistance (Thévenin).
 */
final class Source
{
    /**
     * The source at one corner.
     *
     * In one piece: a table from the state to what drives the pin, and the sum of its branches.
     *
     * @param ?Level $towards the level that the corner favours: pulls towards it at their strongest, others at their weakest; null for
     *     typical values
     * @param list<Pull> $pulls resistors outside the chip
     * @param ?float $supplyVolts the pins' supply; null lets the corner choose it
     */
    public static function at(Pin $pin, PinState $state, array $pulls, ?Level $towards, ?float $supplyVolts = null): ?Thevenin
    {
        $electrics = $pin->silicon->electrics;
        $supply = $supplyVolts ?? match ($towards) {
            null => $electrics->supply->typ,
            Level::High => $electrics->supply->max,
            Level::Low => $electrics->supply->min,
        };
        // A toggling pin is taken at the level that the corner favours: it will be there some of the time.
        $driven = match ($state) {
            PinState::DrivenHigh => Level::High,
            PinState::DrivenLow => Level::Low,
            PinState::Toggling => $towards ?? Level::High,
            default => null,
        };
        if (null !== $driven) {
            $resistance = Level::High === $driven ? $electrics->sourceResistance : $electrics->sinkResistance;

            return new Thevenin(Level::High === $driven ? $supply : 0.0, self::corner($resistance, $driven, $towards));
        }
        $branches = [];
        if (PinState::PulledUp === $state) {
            $branches[] = [$supply, self::corner($electrics->pullUpResistance, Level::High, $towards)];
        } elseif (PinState::PulledDown === $state) {
            $branches[] = [0.0, self::corner($electrics->pullDownResistance, Level::Low, $towards)];
        }
        foreach (null === $pin->header->pull ? $pulls : [$pin->header->pull, ...$pulls] as $pull) {
            $up = PullDirection::Up === $pull->direction;
            $branches[] = [
                $up ? $supply : 0.0,
                self::corner(Spread::tolerance($pull->ohms, SwitchCircuit::RESISTOR_TOLERANCE), $up ? Level::High : Level::Low, $towards),
            ];
        }
        if ([] === $branches) {
            return null;
        }
        $conductance = array_sum(array_map(static fn(array $branch): float => 1 / $branch[1], $branches));
        $amps = array_sum(array_map(static fn(array $branch): float => $branch[0] / $branch[1], $branches));

        return new Thevenin($amps / $conductance, 1 / $conductance);
    }

    private static function corner(Spread $resistance, Level $pullsTo, ?Level $towards): float
    {
        return match ($towards) {
            null => $resistance->typ,
            $pullsTo => $resistance->min,
            default => $resistance->max,
        };
    }
}
