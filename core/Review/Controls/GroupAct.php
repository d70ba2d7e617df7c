<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Controls\ChangeGroupKey;
use IronLatch\Core\Board\Edit\Controls\RemoveGroupKey;
use IronLatch\Core\Board\GroupKey;
use IronLatch\Core\Board\LineGroup;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Key that asks its group for what it cannot do. */
final class GroupAct implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'controls.group-act',
            version: 1,
            title: 'Key that asks its group for what it cannot do',
            severities: [Severity::Broken, Severity::Weak],
            reason: 'A step up moves only what has steps, and a scene is run only where it says what is on. Such a '
                . 'key is pressed in vain.',
            threshold: 'acts of keys on groups: a step for a group with a line of several steps, a scene for a scene '
                . 'that puts something on or off',
            basis: Basis::CommonPractice,
            source: 'common practice',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        foreach ($inspection->controls->keys as $id => $entry) {
            $group = $board->lineGroups[$entry->group];
            [$kind, $words] = self::fault($board, $group, $entry->key);
            if (null === $kind) {
                continue;
            }
            yield new Finding(
                $this->facts(),
                $kind,
                $id,
                sprintf('The %s on “%s” %s.', $entry->key->kind->value, $group->name, $words),
                proposals: static fn(): array => [
                    ...array_map(
                        static fn(Operation $one): Remedy => new Remedy(
                            sprintf('Let it mean “%s”', $one->value),
                            new ChangeGroupKey($id, $one),
                        ),
                        array_slice(self::possible($board, $group, $entry->key), 0, 1),
                    ),
                    new Remedy('Take the key away', new RemoveGroupKey($id)),
                ],
            );
        }
    }

    /**
     * @return array{?Severity, string}
     */
    private static function fault(Board $board, LineGroup $group, GroupKey $key): array
    {
        $stepped = array_filter($group->lines, static fn(string $line): bool => null !== $board->stepsOf($line));

        return match (true) {
            [] === $group->lines => [Severity::Broken, 'acts on no line'],
            Operation::Scene === $key->operation && LineGroupKind::Scene !== $group->kind => [
                Severity::Broken,
                'runs a scene, and the group is none: it does not say which lines are on',
            ],
            Operation::Scene !== $key->operation && $key->operation->canSwitchOn() && LineGroupKind::Scene === $group->kind => [
                Severity::Weak,
                sprintf('means “%s” for every line of a scene, whatever the scene says', $key->operation->value),
            ],
            $key->operation->isStepwise() && [] === $stepped => [Severity::Broken, 'goes a step, and no line of the group has steps'],
            $key->operation->isStepwise() && count($stepped) < count($group->lines) => [
                Severity::Weak,
                sprintf('goes a step, which moves %d of its %d lines', count($stepped), count($group->lines)),
            ],
            default => [null, ''],
        };
    }

    /**
     * @return list<Operation>
     */
    private static function possible(Board $board, LineGroup $group, GroupKey $key): array
    {
        return array_values(array_filter(
            GroupKey::operations($key->kind),
            static fn(Operation $one): bool => null === self::fault(
                $board,
                $group,
                new GroupKey($key->kind, $key->function, $one, $key->code),
            )[0],
        ));
    }
}
