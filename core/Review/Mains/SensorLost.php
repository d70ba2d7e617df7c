<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\LostSensor;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Controls\SensorRemedies;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Line that runs on when its sensor is lost. */
final class SensorLost implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.sensor-lost',
            version: 1,
            title: 'Line that runs on when its sensor is lost',
            severities: [Severity::Danger, Severity::Weak],
            reason: 'A cable is pulled, a sensor corrodes: its last reading stands for ever, or reads as cold. A heater that goes by it '
                . 'then heats without end.',
            threshold: 'a lost sensor, or a reading that cannot be, switches off what heats and what must never start by itself: anything '
                . 'else is a danger; that any other line goes on by it is weak',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'the sensor only switches off',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        foreach ($inspection->controls->entries as $id => $entry) {
            if (SurfaceKind::SensorRule !== $entry->kind || !$entry->operation->canSwitchOn()) {
                continue;
            }
            $line = $board->lines[$entry->line];
            $rule = $line->surfaces[$id]->rule;
            if (null === $rule?->whenLost) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    sprintf('what “%s” does when “%s” is lost', $line->name, $board->nameOf($line->surfaces[$id]->function)),
                );
                continue;
            }
            $harms = $board->appliance($line)->heats || $board->mustNotStart($entry->line);
            if (LostSensor::Off === $rule->whenLost || (!$harms && LostSensor::Stays === $rule->whenLost)) {
                continue;
            }
            yield new Finding(
                $this->facts(),
                $harms ? Severity::Danger : Severity::Weak,
                $id,
                sprintf(
                    '“%s” %s when “%s” is lost%s.',
                    $line->name,
                    $rule->whenLost->value,
                    $board->nameOf($line->surfaces[$id]->function),
                    $harms
                        ? ($board->appliance($line)->heats ? ': it heats, and nobody knows how warm it is' : ': it must never start by '
                            . 'itself')
                        : '',
                ),
                proposals: static fn(): array => SensorRemedies::offWhenLost($id, $rule),
            );
        }
    }
}
