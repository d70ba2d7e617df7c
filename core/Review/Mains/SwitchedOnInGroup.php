<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Controls\ChangeGroupKey;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Lines\ChangeLineGroup;
use IronLatch\Core\Board\Edit\Lines\SetScene;
use IronLatch\Core\Board\Edit\Sequence;
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

/** Appliance that must not start by itself in a group that switches on. */
final class SwitchedOnInGroup implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.switched-on-in-group',
            version: 2,
            title: 'Appliance that must not start by itself in a group that switches on',
            severities: [Severity::Danger],
            reason: '“Everything on” starts a heater or a saw that nobody thought of, with nobody there or with a hand in it. Such a '
                . 'line may be switched off with others, and never on.',
            threshold: 'no line that must never start by itself, or is barred from groups, in a group that switches on, by a '
                . 'channel or by a key, and in no scene that puts it on',
            basis: Basis::CommonPractice,
            source: 'common practice; the fact is preset by the kind of appliance',
            silentWhen: 'the group only switches off, and none of its keys switches on',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->lines as $lineId => $line) {
            $mustNot = $inspection->board->mustNotStart($lineId);
            if (!$mustNot && true !== $line->safety?->barredFromGroups?->value) {
                continue;
            }
            $groups = array_filter(
                $inspection->board->lineGroups,
                static fn(LineGroup $group): bool => in_array($lineId, $group->startable(), true),
            );
            if ([] === $groups) {
                continue;
            }
            $names = implode('” and “', array_map(static fn(LineGroup $group): string => $group->name, array_values($groups)));
            yield new Finding($this->facts(), Severity::Danger, $lineId, sprintf(
                '“%s” %s, but “%s” %s it on.',
                $line->name,
                $mustNot ? 'must never start by itself' : 'is barred from groups',
                $names,
                1 === count($groups) ? 'switches' : 'switch',
            ), proposals: static fn(): array => [
                new Remedy(
                    'Take it out of what switches on',
                    self::each(
                        'Take it out of groups',
                        $groups,
                        static fn(string $id, LineGroup $group): Edit => LineGroupKind::Scene === $group->kind
                            ? new SetScene($id, array_values(array_diff($group->lit, [$lineId])))
                            : new ChangeLineGroup(
                                $id,
                                $group->name,
                                array_values(array_diff($group->lines, [$lineId])),
                                $group->channels,
                                $group->switchesOn,
                            ),
                    ),
                ),
                new Remedy(
                    'Let those groups only switch off',
                    self::each(
                        'Let groups only switch off',
                        $groups,
                        self::onlyOff(...),
                    ),
                ),
            ]);
        }
    }

    /** Without any act that switches on: of the group itself, of its keys, of its scene. */
    private static function onlyOff(string $id, LineGroup $group): Edit
    {
        $edits = [];
        foreach ($group->keys as $key => $one) {
            if ($one->operation->canSwitchOn()) {
                $edits[] = new ChangeGroupKey($key, Operation::Off);
            }
        }
        if ([] !== $group->lit) {
            $edits[] = new SetScene($id);
        }
        $off = new ChangeLineGroup($id, $group->name, $group->lines, $group->channels, false);

        return [] === $edits ? $off : new Sequence('Let the group only switch off', [$off, ...$edits]);
    }

    /**
     * @param array<string, LineGroup> $groups
     * @param \Closure(string, LineGroup): Edit $edit
     */
    private static function each(string $title, array $groups, \Closure $edit): Edit
    {
        $edits = array_map($edit, array_keys($groups), array_values($groups));

        return 1 === count($edits) ? $edits[0] : new Sequence($title, $edits);
    }
}
