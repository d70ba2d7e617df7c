<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Functions\RemoveFunction;
use IronLatch\Core\Board\Edit\Lines\StateOnPurpose;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Control\Entry;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Line with no control, control with no line. */
final class Unreached implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'controls.unreached',
            version: 2,
            title: 'Line with no control, control with no line',
            severities: [Severity::Weak],
            reason: 'A line that nothing operates is always off. A switch that no line listens to is pressed in vain.',
            threshold: 'every line has a surface that commands, or a group that has; every switch, knob and receiver serves a line or a '
                . 'group',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'stated on purpose',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        [$served, $inGroup] = self::byGroups($board);
        foreach ($board->lines as $id => $line) {
            foreach ($line->surfaces as $surface) {
                $served[$surface->function] = true;
                $group = $board->groupOf($surface->function, GroupKind::Selector);
                foreach (null === $group ? [] : $board->groups[$group]->functions as $function) {
                    $served[$function] = true;
                }
            }
            if (!$line->uncontrolled && !isset($inGroup[$id]) && [] === array_filter(
                $inspection->controls->ofLine($id),
                static fn(Entry $entry): bool => $entry->direction->commands(),
            )) {
                yield new Finding(
                    $this->facts(),
                    Severity::Weak,
                    $id,
                    sprintf('Nothing operates “%s”.', $line->name),
                    proposals: static fn(): array => [
                        Repairs::of($inspection)->withSeat(
                            'Operate it by a push button',
                            'Operate ' . $line->name . ' by a push button',
                            new AddSurface($id, SurfaceKind::PushButton),
                        ),
                        new Remedy('It is meant so', new StateOnPurpose($id)),
                    ],
                );
            }
        }
        foreach ($board->functions as $id => $function) {
            $isControl = FunctionKind::InfraredReceiver === $function->kind
                || FunctionKind::SelectorLadder === $function->kind
                || $function->kind->isContact()
                && FunctionKind::ReedContact !== $function->kind;
            if ($isControl && !isset($served[$id]) && !$function->servesNoLine) {
                yield new Finding(
                    $this->facts(),
                    Severity::Weak,
                    $id,
                    sprintf('“%s” operates no line.', $function->name),
                    proposals: static fn(): array => [
                        new Remedy('It is meant so', new StateOnPurpose($id)),
                        new Remedy('Remove it', new RemoveFunction($id)),
                    ],
                );
            }
        }
    }

    /**
     * @return array{array<string, true>, array<string, true>} inputs of keys on groups, and lines that a group reaches
     */
    private static function byGroups(Board $board): array
    {
        $served = $inGroup = [];
        foreach ($board->lineGroups as $group) {
            foreach ($group->keys as $key) {
                $served[$key->function] = true;
            }
            foreach ([] === $group->keys && [] === $group->channels ? [] : $group->lines as $line) {
                $inGroup[$line] = true;
            }
        }

        return [$served, $inGroup];
    }
}
