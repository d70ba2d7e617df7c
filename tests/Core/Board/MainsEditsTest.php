<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Board;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\CapacitorClass;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Edit\Mains\ChooseFuse;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\Edit\Mains\StateTrack;
use IronLatch\Core\Board\Edit\Relays\AddStep;
use IronLatch\Core\Board\Edit\Relays\FitStepCapacitor;
use IronLatch\Core\Board\Edit\Relays\InterlockGroup;
use IronLatch\Core\Board\Edit\Relays\RemoveRelay;
use IronLatch\Core\Board\Edit\Relays\RemoveStep;
use IronLatch\Core\Board\Edit\Relays\StateStepBank;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Board\Edit\Whole\SetHouseRules;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\InletKind;
use IronLatch\Core\Board\MaterialGroup;
use IronLatch\Core\Board\OutletKind;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Board\StepPattern;
use IronLatch\Core\Catalogue\MainsFuse;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Core\Record\RecordReader;
use IronLatch\Core\Record\RecordWriter;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MainsEditsTest extends TestCase
{
    /**
     * @return iterable<string, array{Edit, \Closure(Board): mixed, mixed}>
     */
    public static function simple(): iterable
    {
        yield 'one fact' => [
            new StateBox(oneCircuit: false),
            static fn(Board $b) => [$b->box?->oneCircuit?->value, $b->box?->inlet?->value],
            [false, InletKind::Polarised],
        ];
        yield 'no fuse any more' => [
            new StateBox(fused: false),
            static fn(Board $b) => [$b->box?->fuse, $b->box?->fused?->value],
            [null, false],
        ];
        yield 'fuse' => [
            new Sequence('both', [new StateBox(fused: false), new ChooseFuse(TestBoards::part('fuse-ceramic-2', MainsFuse::class))]),
            static fn(Board $b) => [$b->box?->fuse, $b->box?->fused?->value],
            ['fuse-ceramic-2', true],
        ];
        yield 'track' => [
            new StateTrack(6e-3, 70e-6, true),
            static fn(Board $b) => [$b->box?->track?->widthMetres, $b->box?->tracks?->value],
            [6e-3, true],
        ];
        yield 'safety of two lines' => [
            new StateSafety(['L1', 'L2'], restore: RestorePolicy::Last),
            static fn(Board $b) => [
                $b->lines['L1']->safety?->restore?->value,
                $b->lines['L2']->safety?->restore?->value,
                $b->lines['L2']->safety?->cutOut?->value,
            ],
            [RestorePolicy::Last, RestorePolicy::Last, true],
        ];
        yield 'interlock' => [
            new Sequence('both', [new AddGroup(GroupKind::NeverTogether, 'Heat', ['F1', 'F2']), new InterlockGroup('G1', true)]),
            static fn(Board $b) => $b->groups['G1']->byContacts?->value,
            true,
        ];
        $steps = new Sequence(
            'steps',
            [new AddGroup(GroupKind::StepRelays, 'Fan', ['F1', 'F2']), new FitStepCapacitor('G1', 'F1', 2.2e-6)],
        );
        yield 'step capacitor' => [
            $steps,
            static fn(Board $b) => [$b->groups['G1']->bank?->faradsOf('F1'), $b->groups['G1']->bank?->faradsOf('F2')],
            [2.2e-6, null],
        ];
        yield 'step capacitor taken away' => [
            new Sequence('both', [$steps, new FitStepCapacitor('G1', 'F1')]),
            static fn(Board $b) => $b->groups['G1']->bank?->capacitors,
            [],
        ];
        yield 'step whose relay goes' => [
            new Sequence('both', [$steps, new RemoveRelay('A1')]),
            static fn(Board $b) => $b->groups['G1']->bank?->capacitors,
            [],
        ];
        yield 'bank' => [
            new Sequence('both', [$steps, new StateStepBank('G1', CapacitorClass::MotorRun, 220e3)]),
            static fn(Board $b) => [
                $b->groups['G1']->bank?->class?->value,
                $b->groups['G1']->bank?->bleederOhms?->value,
                $b->groups['G1']->bank?->seriesOhms,
            ],
            [CapacitorClass::MotorRun, 220e3, null],
        ];
        $patterns = static fn(Board $b): array => array_map(
            static fn(StepPattern $step): array => $step->relays,
            $b->groups['G1']->steps(),
        );
        yield 'two relays in one step' => [
            new Sequence('both', [$steps, new AddStep('G1', ['F2', 'F1'])]),
            static fn(Board $b) => [$patterns($b), $b->groups['G1']->keptApart(), $b->groups['G1']->bank?->faradsOf('F1')],
            [[['F1'], ['F2'], ['F1', 'F2']], [], 2.2e-6],
        ];
        yield 'step taken away' => [
            new Sequence('both', [$steps, new AddStep('G1', ['F2', 'F1']), new RemoveStep('G1', 1)]),
            $patterns,
            [['F2'], ['F1', 'F2']],
        ];
        yield 'steps whose relay goes' => [
            new Sequence('both', [$steps, new AddStep('G1', ['F1', 'F2']), new RemoveRelay('A1')]),
            $patterns,
            [['F2']],
        ];
        yield 'kept apart' => [$steps, static fn(Board $b) => $b->groups['G1']->keptApart(), [['F1', 'F2']]];
        yield 'link of an outlet' => [
            new StateSafety(['L1'], outlet: OutletKind::SplitHalf, linkRemoved: true),
            static fn(Board $b) => [$b->lines['L1']->safety?->linkRemoved?->value, $b->lines['L1']->safety?->snubber],
            [true, null],
        ];
        yield 'lines at once' => [
            new StateBox(atOnce: 1),
            static fn(Board $b) => [$b->box?->atOnce?->value, $b->box?->fuse],
            [1, 'fuse-ceramic-5'],
        ];
        yield 'tinned track' => [
            new StateTrack(6e-3, 35e-6, false, 0.4e-3),
            static fn(Board $b) => round(1e6 * ($b->box?->track?->equivalentMetres() ?? 0.0), 6),
            85.0,
        ];
        yield 'surface and height' => [
            new StateBox(altitudeMetres: 2500.0, material: MaterialGroup::One),
            static fn(Board $b) => [$b->box?->altitude(), $b->box?->materialGroup(), $b->box?->fuse],
            [2500.0, 1, 'fuse-ceramic-5'],
        ];
        yield 'pause' => [
            new Sequence(
                'both',
                [
                    new AddGroup(GroupKind::NeverTogether, 'Heat', ['F1', 'F2']),
                    new InterlockGroup('G1', true, 0.1),
                    new InterlockGroup('G1', false),
                ],
            ),
            static fn(Board $b) => [$b->groups['G1']->byContacts?->value, $b->groups['G1']->pauseSeconds?->value],
            [false, 0.1],
        ];
        yield 'habit' => [new SetHouseRules(20.0, 0.8, barrierMetres: 8e-3), static fn(Board $b) => $b->houseRules->barrierMetres, 8e-3];
    }

    /**
     * @param \Closure(Board): mixed $read
     */
    #[DataProvider('simple')]
    public function testDoesWhatItSays(Edit $edit, \Closure $read, mixed $expected): void
    {
        $sound = TestBoards::sound();
        self::assertSame($expected, $read($edit->apply($sound)));
        $data = json_decode(json_encode(RecordWriter::writeVariant(Edit::class, $edit), JSON_THROW_ON_ERROR), true);
        self::assertEquals($edit->apply($sound), RecordReader::forFiles()->read(Edit::class, $data)->apply($sound));
        $json = BoardJson::write($edit->apply($sound));
        self::assertSame($json, BoardJson::write(BoardJson::read($json)));
        self::assertNotSame('', $edit->summary($sound));
    }

    /**
     * @return iterable<string, array{Edit, string}>
     */
    public static function refused(): iterable
    {
        yield 'nothing stated' => [new StateBox(), 'Nothing was stated.'];
        yield 'shorter over the surface than through air' => [
            new StateBox(clearanceMetres: 9e-3),
            'never shorter than the way through air',
        ];
        yield 'lead as thick as an arm' => [new StateBox(leadSquareMetres: 1e-3), 'A wire of the lead has between'];
        yield 'rest of a day' => [new StateSafety(['L1'], restSeconds: 86400.0), 'A rest lies between'];
        yield 'interlock of a bus' => [
            new Sequence('both', [new AddGroup(GroupKind::I2c, 'Bus'), new InterlockGroup('G1', true)]),
            'is no group of relays',
        ];
        yield 'capacitor of a group that is none' => [
            new Sequence('both', [new AddGroup(GroupKind::NeverTogether, 'Heat', ['F1', 'F2']), new FitStepCapacitor('G1', 'F1', 1e-6)]),
            'is no group of step relays',
        ];
        yield 'capacitor of a relay that is no step' => [
            new Sequence('both', [new AddGroup(GroupKind::StepRelays, 'Fan', ['F1', 'F2']), new FitStepCapacitor('G1', 'F3', 1e-6)]),
            'is no step of',
        ];
        yield 'solder inside the board' => [new StateTrack(6e-3, 35e-6, true, 0.4e-3), 'Solder lies on an outer track only'];
        yield 'above the tables' => [new StateBox(altitudeMetres: 9000.0), 'up to 5000 m'];
        yield 'track of a metre' => [new StateTrack(1.0), 'A mains track is between'];
    }

    #[DataProvider('refused')]
    public function testIsRefusedInPlainWords(Edit $edit, string $words): void
    {
        try {
            $edit->apply(TestBoards::sound());
            self::fail('It was made.');
        } catch (EditRefused|\InvalidArgumentException $refused) {
            self::assertStringContainsString($words, $refused->getMessage());
        }
    }
}
