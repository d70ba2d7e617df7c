<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Relays\StateReversal;
use IronLatch\Core\Board\GroupKind;
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

/** A motor that nothing stops at its end. */
final class RunsIntoItsEnd implements Rule
{
    private const USUAL_SECONDS = 90.0;

    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.runs-into-its-end',
            version: 1,
            title: 'Motor that nothing stops at its end',
            severities: [Severity::Danger, Severity::Weak],
            reason: 'A motor that is driven against its stop draws its starting current until it burns, or tears down '
                . 'what hangs on it. End switches stick; a program that also counts the time stops it all the same.',
            threshold: 'end switches of its own and a time after which the program stops it; neither is a danger, one of '
                . 'them weak; the end switches are verified on each copy',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'no line drives a motor both ways',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->groups as $id => $group) {
            if (GroupKind::Directions !== $group->kind) {
                continue;
            }
            $ends = $group->reversal?->endSwitches?->value;
            $limit = $group->reversal?->runSeconds?->value;
            if (!is_bool($ends)) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    'whether it has end switches of its own',
                    Answer::by(StateReversal::class, 'endSwitches', $id),
                );

                continue;
            }
            if (true === $ends) {
                yield new HoldPoint($this->facts(), $id, sprintf('The end switches of “%s” stop it at both ends.', $group->name));
            }
            if (true === $ends && null !== $limit) {
                continue;
            }
            yield new Finding(
                $this->facts(),
                false === $ends && null === $limit ? Severity::Danger : Severity::Weak,
                $id,
                sprintf('“%s” %s.', $group->name, match (true) {
                    false === $ends && null === $limit => 'has no end switches, and the program lets it run on for ever',
                    true === $ends => 'relies on its end switches alone: the program lets it run on for ever',
                    default => 'is stopped by the program alone: no end switch stops it',
                }),
                proposals: static fn(): array => self::remedies($id, $ends, null !== $limit),
            );
        }
    }

    /**
     * @return list<Remedy>
     */
    private static function remedies(string $group, bool $hasEnds, bool $isLimited): array
    {
        return match (true) {
            $hasEnds => [new Remedy('Stop it by the program after 90 s', new StateReversal($group, self::USUAL_SECONDS))],
            $isLimited => [new Remedy('Fit a motor with end switches', new StateReversal($group, endSwitches: true))],
            default => [new Remedy(
                'Fit a motor with end switches, and stop it by the program after 90 s',
                new StateReversal($group, self::USUAL_SECONDS, true),
            )],
        };
    }
}
