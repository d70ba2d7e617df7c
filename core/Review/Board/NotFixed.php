<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Board;

use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\Edit\Build\StateBuild;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\HoldPoint;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;
use IronLatch\Core\Wiring\DeviceKind;
use IronLatch\Core\Wiring\WiredDevice;

/** Parts that nothing holds. */
final class NotFixed implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'board.not-fixed',
            version: 1,
            title: 'Parts that nothing holds',
            severities: [Severity::Weak],
            reason: 'What lies loose moves when the lid is closed, and the barrier with it; tape and glue let go when warm.',
            threshold: 'board and modules stand on screws and stand-offs; small parts sit on a board',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'nobody has said how it is built',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $build = $inspection->board->build;
        if (null === $build->form()) {
            return;
        }
        if (null === $build->fixed?->value) {
            yield new NotChecked($this->facts(), 'board', 'what holds board and modules', Answer::by(StateBuild::class, 'fixed'));
        } elseif (false === $build->fixed->value) {
            yield new Finding(
                $this->facts(),
                Severity::Weak,
                'board',
                'Board and modules lie loose in the box.',
                proposals: static fn(): array => [new Remedy('Set them on screws and stand-offs', new StateBuild(fixed: true))],
            );
        } else {
            yield new HoldPoint($this->facts(), 'board', 'Board and modules stand on screws and stand-offs.');
        }
        if (BuildForm::HandWired === $build->form()) {
            yield from $this->loose($inspection);
        }
    }

    /** @return iterable<Finding> */
    private function loose(Inspection $inspection): iterable
    {
        $kinds = [DeviceKind::Transistor, DeviceKind::Package];
        $loose = array_keys(array_filter(
            $inspection->connections()->devices,
            static fn(WiredDevice $device): bool => in_array($device->kind, $kinds, true),
        ));
        if ([] === $loose) {
            return;
        }
        yield new Finding(
            $this->facts(),
            Severity::Weak,
            'drivers',
            sprintf(
                'Driver circuits have no board to sit on: %d transistors or chips with their resistors would hang in the wires.',
                count($loose),
            ),
            proposals: static fn(): array => [
                new Remedy('Build it on a perforated board', new StateBuild(form: BuildForm::Perforated)),
                new Remedy('Build it on a carrier board with sockets', new StateBuild(form: BuildForm::CarrierBoard)),
            ],
        );
    }
}
