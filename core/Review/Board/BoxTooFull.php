<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Board;

use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Build\Fit\BoxFill;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Marked box that is too full. */
final class BoxTooFull implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'board.box-fill',
            version: 1,
            title: 'Box with more conductors than it is marked for',
            severities: [Severity::Broken],
            reason: 'Wires pressed into a full box lose their insulation and run hot; inspectors count them.',
            threshold: 'conductors that enter, one for all clamps, one for up to four earths and a quarter for each further, '
                . 'and the parts themselves, against the volume that the box bears',
            basis: Basis::Standard,
            source: 'NEC 314.16(B), from memory',
            silentWhen: 'the box is not marked with a volume',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $layout = $inspection->layout();
        if (null === $layout || null === BoxFill::marked($inspection->board)) {
            return;
        }
        $fill = BoxFill::of($inspection->board, $inspection->connections(), $layout->parts);
        if (null === $fill) {
            yield new NotChecked(
                $this->facts(),
                'box',
                'the cross-section of the wires inside, up to 6 AWG (13.3 mm²)',
                Answer::by(StateBox::class, 'innerSquareMetres'),
            );

            return;
        }
        if ($fill->neededCubicMetres() <= $fill->boxCubicMetres) {
            return;
        }
        yield new Finding(
            $this->facts(),
            Severity::Broken,
            'box',
            sprintf(
                '%d conductors, %d earths and the parts themselves want %s; the box is marked with %s.',
                $fill->conductors,
                $fill->earths,
                QuantityPrinter::rounded($fill->neededCubicMetres(), Unit::CubicMetre),
                QuantityPrinter::rounded($fill->boxCubicMetres, Unit::CubicMetre),
            ),
            [new Figure(
                'volume of the box over what is wanted',
                $fill->boxCubicMetres / $fill->neededCubicMetres(),
                Unit::Ratio,
                'V ÷ (V_wires + V_parts)',
                [
                    'V_wires = ' . QuantityPrinter::rounded($fill->wiresCubicMetres(), Unit::CubicMetre),
                    'V_parts = ' . QuantityPrinter::rounded($fill->partsCubicMetres, Unit::CubicMetre),
                ],
                'as wired',
                BoxFill::SOURCE,
            )],
            static fn(): array => Layouts::remedies($inspection),
        );
    }
}
