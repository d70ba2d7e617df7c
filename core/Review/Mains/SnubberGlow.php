<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\StateSafety;
use IronLatch\Core\Board\Snubber;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\LoadKind;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Kind;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Stage;

/** Lamp that glows on what a snubber leaks. */
final class SnubberGlow implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            'mains.snubber-glow',
            1,
            Stage::Mains,
            'Lamp that glows on what a snubber leaks',
            [Kind::Weak, Kind::Hint],
            'A snubber leaks a few milliamperes across the open contact: an LED lamp glows or blinks on it. Across the contact of a motor it saves the contact.',
            '100 Ω and 100 nF across the contact of an electronic lamp (weak); nothing across that of an inductive appliance (hint)',
            Basis::CommonPractice,
            '2π · f · C · U; common practice',
        );
    }

    private const FARADS = 100e-9;

    public function inspect(Inspection $inspection): iterable
    {
        foreach (OnMains::hurting($inspection) as $id => $line) {
            $load = $inspection->board->appliance($line)->load;
            $snubber = $line->safety?->snubber?->value;
            if (Snubber::Rc === $snubber && LoadKind::ElectronicLamp === $load) {
                $system = $inspection->board->system();
                $figure = new Figure('current through the open contact', 2 * M_PI * $system->hertz * self::FARADS * $system->volts, Unit::Ampere, '2π · f · C · U', ['C = ' . QuantityPrinter::rounded(self::FARADS, Unit::Farad), 'U = ' . QuantityPrinter::rounded($system->volts, Unit::Volt)], 'contact open', 'reactance of a capacitor');
                yield new Finding($this->facts(), Kind::Weak, $id, sprintf('%s leak across the open contact of “%s”: its lamp may glow.', $figure->printed(), $line->name), [$figure], static fn(): array => [new Remedy('Take the snubber off', new StateSafety([$id], snubber: Snubber::None))]);
            } elseif (Snubber::None === $snubber && $load->isInductive()) {
                yield new Finding($this->facts(), Kind::Hint, $id, sprintf('Nothing lies across the contact of “%s”, which is an inductive appliance: its arc wears the contact.', $line->name), proposals: static fn(): array => [new Remedy('Fit 100 Ω and 100 nF of class X2', new StateSafety([$id], snubber: Snubber::Rc))]);
            }
        }
    }
}
