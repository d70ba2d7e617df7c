<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Catalogue\Ability;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Catalogue\PinState;
use IronLatch\Core\Catalogue\Pull;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\Margin;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** The high level of an open contact to ground while the program runs, against V_IH. */
final class SwitchLevel
{
    /** Leakage of a pin and a few metres of cable (common practice, from memory). */
    private const LEAKAGE_AMPS = 1e-6;
    /** An infrared receiver's output rests high behind about this (common data of such modules, from memory). */
    public const RECEIVER_PULL_OHMS = 30e3;

    /** Whether anything pulls the wire up when the contact is open. */
    public static function isPulledUp(Board $board, string $function, Pin $pin): bool
    {
        return FunctionKind::InfraredReceiver === $board->functions[$function]->kind
            || $pin->chip->can(Ability::PullUp)
            || PullDirection::Up === $board->functions[$function]->pull?->direction
            || PullDirection::Up === $pin->header->pull?->direction;
    }

    public static function margin(Board $board, string $function, Pin $pin): Margin
    {
        $silicon = $pin->silicon;
        $pull = $board->functions[$function]->pull;
        $state = $pin->chip->can(Ability::PullUp) ? PinState::PulledUp : PinState::Floating;
        $pulls = null === $pull ? [] : [$pull];
        if (FunctionKind::InfraredReceiver === $board->functions[$function]->kind) {
            $pulls[] = new Pull(PullDirection::Up, self::RECEIVER_PULL_OHMS);
        }
        $level = static function (?Level $towards, float $supply) use ($silicon, $pin, $state, $pulls, $board, $function): float {
            $source = self::isPulledUp($board, $function, $pin) ? Source::at($pin, $state, $pulls, $towards) : null;

            return null === $source
                ? 0.0
                : ($source->volts - self::LEAKAGE_AMPS * $source->ohms) / ($silicon->electrics->inputHighRatio * $supply);
        };
        $inputs = ['pulled up ' . ($pin->chip->can(Ability::PullUp) ? 'by the chip' : 'by no resistor in the chip')
            . (null === $pull ? '' : ' and by ' . QuantityPrinter::rounded(
                $pull->ohms,
                Unit::Ohm,
            ))];
        $source = 'divider of pull-up and 1 µA leakage; thresholds of ' . $silicon->identity->name;
        $ratio = $silicon->electrics->inputHighRatio;
        $figure = static fn(float $share, float $supply, string $corner): Figure => (new Figure(
            'open level over high threshold',
            $share,
            Unit::Ratio,
            'V_open ÷ V_IH',
            [
                'V_open = ' . QuantityPrinter::rounded($share * $ratio * $supply, Unit::Volt),
                'V_IH = ' . QuantityPrinter::rounded($ratio * $supply, Unit::Volt),
                ...$inputs,
            ],
            $corner,
            $source,
        ))->outOf($share * $ratio * $supply, $ratio * $supply, Unit::Volt);

        return new Margin(
            $figure($level(null, $silicon->electrics->supply->typ), $silicon->electrics->supply->typ, 'typical values'),
            $figure(
                $level(Level::Low, $silicon->electrics->supply->min),
                $silicon->electrics->supply->min,
                'weakest pull-up, lowest supply',
            ),
        );
    }
}
