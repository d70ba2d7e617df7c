<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Pins\ConfirmReading;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Pin name that can be read two ways. */
final class LabelMisread implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'pins.label-misread',
            version: 1,
            title: 'Pin name that can be read two ways',
            severities: [Severity::Weak],
            reason: 'The label printed on a carrier is not the chip’s number. The same text can mean two pins, and the wrong one looks '
                . 'right on paper.',
            threshold: 'a pin name that is one pin’s label and another pin’s number, not confirmed',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'confirmed by the maker',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->seats as $id => $seat) {
            if ('' === $seat->written || $seat->confirmed) {
                continue;
            }
            $reading = $inspection->controller->read($seat->written);
            $pin = $inspection->controller->pins[$seat->pin];
            $other = $pin->name() === $reading->asLabel?->name() ? $reading->asNumber : $reading->asLabel;
            if (null === $other || $other->name() === $pin->name()) {
                continue;
            }
            yield new Finding(
                $this->facts(),
                Severity::Weak,
                $id,
                sprintf(
                    '“%s” was written as “%s” and read as %s; it can also mean %s.',
                    $inspection->board->nameOf($id),
                    $seat->written,
                    $pin->bothNames(),
                    $other->bothNames(),
                ),
                proposals: fn(): array => [
                    new Remedy('Confirm ' . $pin->bothNames(), new ConfirmReading($id)),
                    new Remedy('It means ' . $other->bothNames(), new SeatFunction($id, $other->name())),
                ],
            );
        }
    }
}
