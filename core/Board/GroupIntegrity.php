<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** What lies in a group is there, once in each kind, and a group is what its facts say. */
final class GroupIntegrity
{
    /** @throws \InvalidArgumentException with what is wrong and where */
    public static function verify(Board $board): void
    {
        $taken = [];
        foreach ($board->groups as $id => $group) {
            Pointer::name($group->name, 'The group ' . $id);
            foreach ($group->functions as $function) {
                Pointer::function($board, $function, 'The group ' . $id);
                // A function stands in one order and on one bus.
                Pointer::unique($taken, $group->kind->value . ' ' . $function);
            }
            foreach ($group->bank->capacitors ?? [] as $capacitor) {
                if (!in_array($capacitor->function, $group->functions, true)) {
                    throw new \InvalidArgumentException(sprintf(
                        'The group %s has a capacitor for %s, which is none of its steps.',
                        $id,
                        $capacitor->function,
                    ));
                }
            }
            foreach ($group->bank->patterns ?? [] as $pattern) {
                if ([] !== array_diff($pattern->relays, $group->functions)) {
                    throw new \InvalidArgumentException(sprintf('The group %s has a step with a relay that is none of its own.', $id));
                }
            }
            if ((null !== $group->i2c) !== (GroupKind::I2c === $group->kind)) {
                throw new \InvalidArgumentException(sprintf(
                    'The group %s: the facts of an I2C bus belong to every I2C bus and to nothing else.',
                    $id,
                ));
            }
        }
    }

    /** @throws \InvalidArgumentException with what is wrong and where */
    public static function ofLines(Board $board): void
    {
        $taken = [];
        foreach ($board->lines as $line) {
            $taken += array_fill_keys(array_keys($line->surfaces), true);
        }
        foreach ($board->lineGroups as $group) {
            foreach (array_keys($group->keys) as $key) {
                Pointer::unique($taken, $key);
            }
        }
        foreach ($board->lineGroups as $id => $group) {
            Pointer::name($group->name, 'The group of lines ' . $id);
            foreach ($group->keys as $keyId => $key) {
                Pointer::function($board, $key->function, 'The key ' . $keyId);
                if ($board->functions[$key->function]->kind !== $key->kind->functionKind()) {
                    throw new \InvalidArgumentException(sprintf(
                        'The key %s is a %s, and “%s” is a %s.',
                        $keyId,
                        $key->kind->value,
                        $board->functions[$key->function]->name,
                        $board->functions[$key->function]->kind->value,
                    ));
                }
            }
            foreach ([
                [$group->lines, $board->lines, 'line'],
                [$group->channels, $board->channels, 'channel'],
            ] as [$members, $there, $what]) {
                foreach ($members as $member) {
                    if (!isset($there[$member])) {
                        throw new \InvalidArgumentException(sprintf(
                            'The group of lines %s names “%s”, which is no %s of the board.',
                            $id,
                            $member,
                            $what,
                        ));
                    }
                }
            }
        }
    }

    /** @throws \InvalidArgumentException with what is wrong and where */
    public static function scenarios(Board $board): void
    {
        foreach ($board->scenarios as $id => $scenario) {
            Pointer::name($scenario->name, 'The scenario ' . $id);
            foreach ($scenario->lines as $line) {
                if (!isset($board->lines[$line])) {
                    throw new \InvalidArgumentException(sprintf(
                        'The scenario %s has the line “%s”, which is not on the board.',
                        $id,
                        $line,
                    ));
                }
            }
        }
    }
}
