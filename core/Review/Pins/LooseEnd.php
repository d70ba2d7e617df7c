<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Pins;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Functions\RemoveGroup;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Bus with nothing at its other end. */
final class LooseEnd implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'pins.loose-end',
            version: 1,
            title: 'Bus with nothing at its other end',
            severities: [Severity::Hint],
            reason: 'Its wires end in the air: they take pins, and pick up what is around them.',
            threshold: 'a bus, a serial link or a register chain that no expander and no device is on',
            basis: Basis::CommonPractice,
            source: 'no source',
            silentWhen: 'something is attached to it',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        foreach ($board->groups as $id => $group) {
            $isBus = $group->kind->sharesUnit() || GroupKind::ShiftChain === $group->kind;
            if ($isBus && !self::hasSomething($board, $id, $group->functions)) {
                yield new Finding(
                    $this->facts(),
                    Severity::Hint,
                    $id,
                    sprintf('Nothing hangs on “%s”: its wires end in the air.', $group->name),
                    proposals: static fn(): array => [new Remedy('Take it off the board', new RemoveGroup($id))],
                );
            }
        }
    }

    /**
     * @param list<string> $functions
     */
    private static function hasSomething(Board $board, string $group, array $functions): bool
    {
        foreach ($board->expanders as $expander) {
            if ($expander->bus === $group) {
                return true;
            }
        }
        foreach ($board->devices as $device) {
            if (in_array($device->function, $functions, true)) {
                return true;
            }
        }

        return false;
    }
}
