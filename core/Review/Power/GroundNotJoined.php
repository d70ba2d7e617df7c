<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Power\StateGround;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** No common ground where one is needed. */
final class GroundNotJoined implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'power.ground-not-joined',
            version: 1,
            title: 'No common ground where one is needed',
            severities: [Severity::Broken],
            reason: 'A current that leaves the controller’s pin wants a way back. With a second source whose ground hangs by itself '
                . 'there is none, and nothing switches.',
            threshold: 'a driver, expander or device that speaks with the controller sits on a rail of another source whose ground is not '
                . 'joined to the controller’s',
            basis: Basis::CommonPractice,
            source: 'Kirchhoff’s current law',
            silentWhen: 'an isolating driver leaves nothing in common, or the rail comes from the controller’s own source',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        $own = self::root($board, $board->mcu->rail);
        foreach ($board->rails as $id => $rail) {
            $root = self::root($board, $id);
            if ($root === $own) {
                continue;
            }
            $needs = self::needsGround($board, $id);
            if (null === $needs) {
                continue;
            }
            $joined = $board->rails[$root]->groundJoined?->value;
            if (null === $joined) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    sprintf('whether the ground of %s is joined to the controller’s', $board->nameOf($root)),
                    Answer::by(StateGround::class, 'joined', $id),
                );
            } elseif (false === $joined) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf(
                        'The ground of the rail %s is kept apart, but %s has no other way back to the controller.',
                        $rail->name,
                        $needs,
                    ),
                    proposals: static fn(): array => [new Remedy('Join its ground to the controller’s', new StateGround($root, true))],
                );
            }
        }
    }

    /** The rail of the source from which a rail comes in the end. */
    private static function root(Board $board, string $rail): string
    {
        while (null === $board->source($rail)) {
            $rail = $board->rails[$rail]->from ?? $board->mcu->rail;
        }

        return $rail;
    }

    /** Who on a rail speaks with the controller over a common ground; null when nobody does. */
    private static function needsGround(Board $board, string $rail): ?string
    {
        foreach ($board->actuators() as $id => $actuator) {
            if ($actuator->rail === $rail && $actuator->driver->needsCommonGround()) {
                return sprintf('the driver of “%s”', $board->nameOf($id));
            }
        }
        foreach ([...$board->devices, ...$board->expanders] as $one) {
            if ($one->rail === $rail) {
                return sprintf('“%s”', $one->name);
            }
        }

        return null;
    }
}
