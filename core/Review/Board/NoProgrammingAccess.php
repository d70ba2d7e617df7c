<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Board;

use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\Edit\Build\StateBuild;
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

/** Bare module that no program gets into. */
final class NoProgrammingAccess implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'board.programming-access',
            version: 1,
            title: 'Bare module without a way in for its program',
            severities: [Severity::Broken],
            reason: 'Once it is soldered in, a program gets in by a header or not at all.',
            threshold: 'supply, ground, both serial lines, boot and reset on a header',
            basis: Basis::DataSheet,
            source: 'reference circuits of such modules, from memory',
            silentWhen: 'the controller sits on a carrier',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        if (!$board->controller()->carrier->isBareModule) {
            if (BuildForm::Assembled === $board->build->form()) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    'module',
                    sprintf(
                        'An assembled board carries a bare module; chosen is %s, which wants sockets.',
                        $board->controller()->carrier->identity->name,
                    ),
                    proposals: static fn(): array => [new Remedy(
                        'Build it on a carrier board with sockets',
                        new StateBuild(form: BuildForm::CarrierBoard),
                    )],
                );
            }

            return;
        }
        if (null === $board->mcu->programmingAccess?->value) {
            yield new NotChecked(
                $this->facts(),
                'header',
                'whether its serial lines, boot and reset are led to a header',
                Answer::by(StateBareModule::class, 'programmingAccess'),
            );
        } elseif (false === $board->mcu->programmingAccess->value) {
            yield new Finding(
                $this->facts(),
                Severity::Broken,
                'header',
                'No header leads to the serial lines, boot and reset of the module: no program gets in once it is soldered.',
                proposals: static fn(): array => [new Remedy(
                    'Lead 3.3 V, ground, TX, RX, boot and reset to a header of six pins',
                    new StateBareModule(programmingAccess: true),
                )],
            );
        }
    }
}
