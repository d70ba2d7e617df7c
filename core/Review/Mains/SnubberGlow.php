<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Snubber;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\LoadKind;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Lamp that glows on what a snubber leaks. */
final class SnubberGlow implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.snubber-glow',
            version: 2,
            title: 'Appliance that runs on what a snubber leaks',
            severities: [Severity::Weak, Severity::Hint],
            reason: 'A snubber leaks a few milliamperes across the open contact: an LED lamp glows, a bell hums, a small pump or a valve '
                . 'does not fall back. Across the appliance it does its work and leaks nothing while the contact is open.',
            threshold: '100 Ω and 100 nF across the contact: leakage from a tenth of the appliance’s own current on, or any electronic '
                . 'lamp (weak); nothing across the contact or the appliance where that is inductive (hint)',
            basis: Basis::CommonPractice,
            source: '2π · f · C · U; common practice',
        );
    }

    private const FARADS = 100e-9;
    /** From this share of its current on an appliance may not let go (common practice, from memory). */
    private const NOTICED_SHARE = 0.1;

    public function inspect(Inspection $inspection): iterable
    {
        foreach (OnMains::hurting($inspection) as $id => $line) {
            $load = $inspection->board->appliance($line)->load;
            $snubber = $line->safety?->snubber?->value;
            if (Snubber::Rc === $snubber) {
                yield from $this->leaks($inspection, $id, LoadKind::ElectronicLamp === $load);
            } elseif (Snubber::None === $snubber && $load->isInductive()) {
                yield new Finding($this->facts(), Severity::Hint, $id, sprintf(
                    'Nothing damps the contact of “%s”, which is an inductive appliance: its arc wears the contact.',
                    $line->name,
                ), proposals: static fn(): array => [
                    new Remedy(
                        'Fit 100 Ω and 100 nF of class X2 across the appliance',
                        new StateSafety([$id], snubber: Snubber::RcAcrossLoad),
                    ),
                    new Remedy('Fit 100 Ω and 100 nF of class X2 across the contact', new StateSafety([$id], snubber: Snubber::Rc)),
                ]);
            }
        }
    }

    /**
     * @return iterable<Finding>
     */
    private function leaks(Inspection $inspection, string $id, bool $isElectronicLamp): iterable
    {
        $line = $inspection->board->lines[$id];
        $system = $inspection->board->system();
        $leak = 2 * M_PI * $system->hertz * self::FARADS * $system->volts;
        $first = array_key_first($line->actuators);
        $amps = null === $first ? null : $inspection->mains->contacts[$first]->amps;
        if (null === $amps || 0.0 === $leak || !$isElectronicLamp && $leak < self::NOTICED_SHARE * $amps->value) {
            return;
        }
        $figure = new Figure(
            'current through the open contact',
            $leak,
            Unit::Ampere,
            '2π · f · C · U',
            [
                'C = ' . QuantityPrinter::rounded(self::FARADS, Unit::Farad),
                'f = ' . QuantityPrinter::rounded($system->hertz, Unit::Hertz),
                'U = ' . QuantityPrinter::rounded($system->volts, Unit::Volt),
            ],
            'contact open',
            'reactance of a capacitor',
        );
        yield new Finding($this->facts(), Severity::Weak, $id, sprintf(
            '%s leak across the open contact of “%s”, which draws %s: %s.',
            $figure->printed(),
            $line->name,
            $amps->printed(),
            $isElectronicLamp ? 'its lamp may glow' : 'it may not let go',
        ), [$figure, $amps], static fn(): array => [
            new Remedy('Put the snubber across the appliance', new StateSafety([$id], snubber: Snubber::RcAcrossLoad)),
            new Remedy('Take the snubber off', new StateSafety([$id], snubber: Snubber::None)),
        ]);
    }
}
