<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Controller\StateBareModule;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Bare module that does not start. */
final class BareModule implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'pins.bare-module',
            version: 2,
            title: 'Bare module without what a carrier brings',
            severities: [Severity::Broken],
            reason: 'A bare module starts only when its reset line rises after its supply.',
            threshold: 'a pull-up of 10 kΩ and 1 µF at its reset line',
            basis: Basis::DataSheet,
            source: 'reference circuits of such modules, from memory; strapped pins and the program’s header have checks of their own',
            silentWhen: 'the controller sits on a carrier',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        if (!$board->controller()->carrier->isBareModule) {
            return;
        }
        if (null === $board->mcu->resetPulled?->value) {
            yield new NotChecked(
                $this->facts(),
                'reset',
                'whether its reset line has a pull-up and a capacitor',
                Answer::by(StateBareModule::class, 'resetPulled'),
            );
        } elseif (false === $board->mcu->resetPulled->value) {
            yield new Finding(
                $this->facts(),
                Severity::Broken,
                'reset',
                'Nothing pulls the reset line of the module up: it starts by chance, or not at all.',
                proposals: static fn(): array => [new Remedy(
                    'Fit 10 kΩ up and 1 µF down at its reset line',
                    new StateBareModule(resetPulled: true),
                )],
            );
        }
    }
}
