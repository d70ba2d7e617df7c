<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\AddChannel;
use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\Edit\Lines\StateShownAs;
use IronLatch\Core\Catalogue\ShownKind;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class KindSubstitutedFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $panel = TestBoards::edited(TestBoards::sound(), Starts::channel('phone-panel', 'L1'));
        yield 'valve that a panel shows as a switch' => Planted::in(
            'controls.kind-substituted',
            'S3',
            Severity::Hint,
            '',
            new StateShownAs(['L1'], ShownKind::Valve),
            new StateShownAs(['L1'], ShownKind::Switch),
            $panel,
            says: '“Lamp” is a valve, and “Far” shows it as a switch: open and closed are spoken of as on and off.',
            proposes: ['Let it be a switch everywhere'],
        );

        $lights = Starts::knowing('phone-panel', ShownKind::Light);
        yield 'iron that goes on with all lights' => Planted::in(
            'controls.kind-substituted',
            'S3',
            Severity::Weak,
            '',
            new StateShownAs(['L2'], ShownKind::Switch),
            new StateShownAs(['L2'], ShownKind::Light),
            TestBoards::edited(TestBoards::sound(), new AddChannel($lights, 'Far'), new PutOnChannel('C1', ['L2'])),
            says: '“Airer” is a switch, and “Far” shows it as a light: is switched with “all lights”.',
            proposes: ['Let it be a light everywhere'],
        );

        yield 'heater of which a panel of lights knows nothing' => Planted::in(
            'controls.kind-substituted',
            'S3',
            Severity::Weak,
            '',
            new StateShownAs(['L1'], ShownKind::Heater),
            new StateShownAs(['L1'], ShownKind::Light),
            TestBoards::edited(TestBoards::sound(), new AddChannel($lights, 'Far'), new PutOnChannel('C1', ['L1'])),
            says: '“Far” knows no kind of device for “Lamp”, a heater.',
            proposes: ['Take the line off it'],
        );
    }
}
