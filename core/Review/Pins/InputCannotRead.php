<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Controller\StateRadio;
use IronLatch\Core\Catalogue\Ability;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Input that cannot be read there. */
final class InputCannotRead implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'pins.input-cannot-read',
            version: 1,
            title: 'Input that cannot be read there',
            severities: [Severity::Broken],
            reason: 'One of the two converters stops while the radio is used; some pins have no converter, others nothing but one.',
            threshold: 'an analogue input that can be read while the radio is on, for every analogue sensor; a digital input for every '
                . 'other',
            basis: Basis::DataSheet,
            source: 'pin table of the chip',
            silentWhen: 'the board states that the radio is not used',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $radio = $inspection->board->program->radioUsed;
        foreach ($inspection->seating->pins as $id => $pin) {
            $function = $inspection->board->functions[$id];
            $why = null;
            if ($function->kind->isAnalogue() && !$pin->chip->can(Ability::Analogue)) {
                if (!$pin->chip->can(Ability::AnalogueWithoutRadio)) {
                    $why = 'it has no analogue input';
                } elseif (!$radio->isKnown()) {
                    yield new NotChecked($this->facts(), $id, 'whether the radio is used', Answer::by(StateRadio::class, 'used'));
                } elseif (true === $radio->value) {
                    $why = 'its converter (ADC2) cannot be read while the radio is used';
                }
            } elseif (!$function->kind->isAnalogue() && !$function->kind->isOutput() && !$pin->chip->can(Ability::Input)) {
                $why = $pin->chip->can(Ability::Output) ? 'it can only drive, not read' : 'it can only measure, not read a level';
            }
            if (null !== $why) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf('“%s” cannot be read on %s: %s.', $function->name, $pin->bothNames(), $why),
                    proposals: fn(): array => Repairs::of($inspection)->moveToBestPin($id),
                );
            }
        }
    }
}
