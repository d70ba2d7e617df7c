<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Power;

use IronLatch\Core\Board\Edit\Wiring\StateWiring;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;
use IronLatch\Core\Wiring\LowVoltageWire;

/** Low-voltage wires too thin for what they carry, or for the fuse before them. */
final class WireTooThin implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'power.wire-too-thin',
            version: 1,
            title: 'Low-voltage wire too thin for its current or its fuse',
            severities: [Severity::Weak],
            reason: 'The wires from a source carry everything of their rail. Too thin, they grow warm, and what falls at them is missing '
                . 'at the coils; behind too large a fuse they are the fuse.',
            threshold: '0.14 mm² up to 1 A, 0.5 mm² up to 3 A, 0.75 mm² up to 6 A, against the rail’s greatest continuous current and the '
                . 'rating of its fuse',
            basis: Basis::CommonPractice,
            source: 'no source',
            silentWhen: 'no size is chosen: wires are then cut by their current',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $area = $inspection->board->wiring->lowSquareMetres?->value;
        if (!is_float($area)) {
            return;
        }
        $bears = LowVoltageWire::amps($area);
        foreach ($inspection->power->rails as $id => $rail) {
            $fuse = $inspection->board->fuseAmps($id);
            $amps = max($rail->continuous->value, $fuse);
            $what = $fuse === $amps ? 'stand behind a fuse of' : 'carry';
            if ($amps <= $bears) {
                continue;
            }
            $least = LowVoltageWire::least($amps);
            yield new Finding(
                $this->facts(),
                Severity::Weak,
                $id,
                sprintf(
                    'The wires that feed the rail %s %s %s, but have %s, which bears %s.',
                    $inspection->board->rails[$id]->name,
                    $what,
                    QuantityPrinter::rounded($amps, Unit::Ampere),
                    QuantityPrinter::rounded($area, Unit::SquareMetre),
                    QuantityPrinter::rounded($bears, Unit::Ampere),
                ),
                [new Figure(
                    'what the wire bears over what it must',
                    $bears / $amps,
                    Unit::Ratio,
                    'I_bears ÷ I',
                    [
                        'I_bears = ' . QuantityPrinter::rounded($bears, Unit::Ampere),
                        'I = ' . QuantityPrinter::rounded($amps, Unit::Ampere),
                    ],
                    'everything on, greatest loads',
                    'common practice, no source',
                )],
                static fn(): array => null === $least || $least > 2.5e-6 ? [] : [
                    new Remedy(
                        sprintf('Take wires of %s', QuantityPrinter::rounded($least, Unit::SquareMetre)),
                        new StateWiring(lowSquareMetres: $least),
                    ),
                ],
            );
        }
    }
}
