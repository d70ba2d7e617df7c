<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\House\StatePlace;
use IronLatch\Core\Board\ResidualDevice;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Mains\Surroundings;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\HoldPoint;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** No residual-current device before the board. */
final class ResidualMissing implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.no-residual-device',
            version: 1,
            title: 'No residual-current device that protects people',
            severities: [Severity::Danger, Severity::Weak],
            reason: 'A fuse does not notice the current that kills. A residual-current device of 30 mA or less breaks '
                . 'before the heart stops; beside water nothing else does.',
            threshold: 'a residual-current device of 30 mA or less before the board; a danger beside water, weak '
                . 'elsewhere; verified on each copy',
            basis: Basis::Standard,
            source: 'IEC 60364-4-41, 411.3.3 and 415.1, from memory; local codes decide',
            silentWhen: 'the box is plugged in',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $box = InHouse::box($inspection);
        $id = $inspection->board->boxPlace();
        $device = $box?->residual?->value;
        if (null === $box) {
            return;
        }
        if (!$device instanceof ResidualDevice) {
            yield InHouse::unsaid($this->facts(), $inspection, 'residual', 'which residual-current device stands before it');
        } elseif ($device->protectsPeople()) {
            yield new HoldPoint($this->facts(), $id, sprintf(
                'The residual-current device of %s before “%s” opens when its test button is pressed.',
                $device->value,
                $box->name,
            ));
        } else {
            $isDamp = 3 === Surroundings::of($inspection->board)->pollution;
            yield new Finding(
                $this->facts(),
                $isDamp ? Severity::Danger : Severity::Weak,
                $id,
                sprintf(
                    '%s before “%s”%s: nothing breaks when somebody touches live.',
                    ResidualDevice::None === $device
                        ? 'No residual-current device stands'
                        : 'The residual-current device of ' . $device->value . ' stands',
                    $box->name,
                    $isDamp ? ', and it is damp there' : '',
                ),
                proposals: static fn(): array => [new Remedy(
                    'Have a residual-current device of 30 mA fitted',
                    new StatePlace([$id], residual: ResidualDevice::ThirtyMilliamperes),
                )],
            );
        }
    }
}
