<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\SetThresholds;
use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\Edit\Lines\ChooseAppliance;
use IronLatch\Core\Board\Edit\Relays\AddRelay;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class PercentToStepFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $fan = TestBoards::edited(
            TestBoards::sound(),
            new ChooseAppliance('L1', TestBoards::part('extractor-fan', Appliance::class)),
            new AddRelay('L1'),
            new AddGroup(GroupKind::StepRelays, 'Fan', ['F1', 'F6']),
        );
        yield 'fan that is never off' => Planted::in(
            'controls.percent-to-step',
            'S1',
            Severity::Broken,
            '',
            new SetThresholds('S1', [0, 60]),
            new SetThresholds('S1', [1, 60]),
            $fan,
            says: '“Lamp” is never off: its lowest step begins at 0 %.',
            proposes: ['Use the derived table'],
        );

        yield 'fan whose top lies beyond 100 %' => Planted::in(
            'controls.percent-to-step',
            'S1',
            Severity::Broken,
            '',
            new SetThresholds('S1', [40, 120]),
            new SetThresholds('S1', [40, 99]),
            $fan,
            says: '“Lamp” never reaches its top step: it begins at 120 %.',
            proposes: ['Use the derived table'],
        );

        yield 'fan with a step that no percentage leads to' => Planted::in(
            'controls.percent-to-step',
            'S1',
            Severity::Broken,
            '',
            new SetThresholds('S1', [40]),
            new SetThresholds('S1'),
            $fan,
            says: '“Lamp” never reaches its top step: 1 of 2 steps have a percentage.',
            proposes: ['Use the derived table'],
        );

        yield 'fan whose steps fall' => Planted::in(
            'controls.percent-to-step',
            'S1',
            Severity::Broken,
            '',
            new SetThresholds('S1', [60, 40]),
            new SetThresholds('S1', [40, 60]),
            $fan,
            says: 'The steps of “Lamp” do not rise with the percentage.',
            proposes: ['Use the derived table'],
        );

        yield 'fan that reaches its top at exactly 100 %' => Planted::in(
            'controls.percent-to-step',
            'S1',
            Severity::Weak,
            '',
            new SetThresholds('S1', [50, 100]),
            new SetThresholds('S1', [34, 67]),
            $fan,
            says: '“Lamp” reaches its top step at exactly 100 % only.',
            proposes: ['Use the derived table'],
        );
    }
}
