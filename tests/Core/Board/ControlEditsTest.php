<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Board;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Controller\StateFirmware;
use IronLatch\Core\Board\Edit\Controls\AddChannel;
use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Controls\AssignCode;
use IronLatch\Core\Board\Edit\Controls\ChangeChannel;
use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\Edit\Controls\RemoveChannel;
use IronLatch\Core\Board\Edit\Controls\SetThresholds;
use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Functions\ChangeFunctionKind;
use IronLatch\Core\Board\Edit\Lines\AddLineGroup;
use IronLatch\Core\Board\Edit\Lines\ChangeLineGroup;
use IronLatch\Core\Board\Edit\Lines\DuplicateLine;
use IronLatch\Core\Board\Edit\Lines\RemoveLine;
use IronLatch\Core\Board\Edit\Lines\RemoveLineGroup;
use IronLatch\Core\Board\Edit\Lines\StateOnPurpose;
use IronLatch\Core\Board\Edit\Lines\StateStagger;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Board\FirmwareFacts;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\LibraryPin;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Catalogue\SurfaceProfile;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Core\Record\RecordReader;
use IronLatch\Core\Record\RecordWriter;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ControlEditsTest extends TestCase
{
    /**
     * @return iterable<string, array{Edit, \Closure(Board): mixed, mixed}>
     */
    public static function simple(): iterable
    {
        $web = TestBoards::part('web-request', SurfaceProfile::class);
        yield 'channel' => [
            new AddChannel($web, 'Web', 'x'),
            static fn(Board $b) => [$b->channels['C5']->name, $b->channels['C5']->root, $b->profile($b->channels['C5'])->identity->id],
            ['Web', 'x', 'web-request'],
        ];
        yield 'channel changed' => [
            new ChangeChannel('C2', root: 'attic', blockSeconds: 2.0),
            static fn(Board $b) => [$b->channels['C2']->name, $b->channels['C2']->root, $b->channels['C2']->blockSeconds?->value],
            ['House broker', 'attic', 2.0],
        ];
        yield 'channel removed' => [
            new RemoveChannel('C2'),
            static fn(Board $b) => [
                isset($b->channels['C2']),
                count($b->lines['L1']->surfaces),
                $b->lineGroups['K1']->channels,
                isset($b->lineGroups['K2']),
            ],
            [false, 5, ['C1', 'C4'], true],
        ];
        yield 'put on a channel twice' => [
            new PutOnChannel('C3', ['L1', 'L3']),
            static fn(Board $b) => [count($b->lines['L1']->surfaces), count($b->lines['L3']->surfaces)],
            [6, 6],
        ];
        yield 'surface told' => [
            new TellSurface('S11', Operation::Toggle, 'a/b', '1', '0', true),
            static fn(Board $b) => [
                $b->lines['L1']->surfaces['S11']->operation,
                $b->lines['L1']->surfaces['S11']->address,
                $b->lines['L1']->surfaces['S11']->promisesFeedback,
            ],
            [Operation::Toggle, 'a/b', true],
        ];
        yield 'surface told nothing' => [
            new Sequence('both', [new TellSurface('S11', Operation::Toggle, 'a/b'), new TellSurface('S11')]),
            static fn(Board $b) => [$b->lines['L1']->surfaces['S11']->operation, $b->lines['L1']->surfaces['S11']->address],
            [null, ''],
        ];
        yield 'code in any spelling' => [
            new AssignCode('S5', ' 0x bf4 18e7 '),
            static fn(Board $b) => $b->lines['L1']->surfaces['S5']->code?->printed(),
            '0x0BF418E7',
        ];
        yield 'code taken away' => [
            new AssignCode('S6', forOff: true),
            static fn(Board $b) => [$b->lines['L3']->surfaces['S6']->code?->value, $b->lines['L3']->surfaces['S6']->offCode],
            ['0BF418E7', null],
        ];
        yield 'group of all that may' => [
            new AddLineGroup(LineGroupKind::All, 'All'),
            static fn(Board $b) => $b->lineGroups['K3']->lines,
            ['L1', 'L3', 'L4'],
        ];
        yield 'group of all that only switches off' => [
            new AddLineGroup(LineGroupKind::All, 'All', switchesOn: false),
            static fn(Board $b) => $b->lineGroups['K3']->lines,
            ['L1', 'L2', 'L3', 'L4'],
        ];
        yield 'group changed' => [
            new ChangeLineGroup('K2', 'Bath', ['L1'], [], false),
            static fn(Board $b) => [
                $b->lineGroups['K2']->lines,
                $b->lineGroups['K2']->channels,
                $b->lineGroups['K2']->switchesOn,
                $b->lineGroups['K2']->kind,
            ],
            [['L1'], [], false, LineGroupKind::Room],
        ];
        yield 'group taken apart' => [new RemoveLineGroup('K2'), static fn(Board $b) => array_keys($b->lineGroups), ['K1']];
        yield 'group whose line goes' => [
            new RemoveLine('L3'),
            static fn(Board $b) => [$b->lineGroups['K2']->lines, $b->lineGroups['K1']->lines],
            [['L1'], ['L1', 'L2', 'L4']],
        ];
        yield 'thresholds' => [
            new SetThresholds('S3', [10, 50]),
            static fn(Board $b) => count($b->lines['L3']->surfaces['S3']->thresholds),
            2,
        ];
        yield 'stagger' => [new StateStagger(0.5), static fn(Board $b) => $b->program->staggerSeconds?->value, 0.5];
        yield 'firmware, an empty row left out' => [
            new StateFirmware(new FirmwareFacts('core 1', libraries: [new LibraryPin('x', '1'), new LibraryPin(' ', '')])),
            static fn(Board $b) => [$b->program->firmware?->boardPackage, count($b->program->firmware->libraries ?? [])],
            ['core 1', 1],
        ];
        yield 'line on purpose' => [new StateOnPurpose('L1'), static fn(Board $b) => $b->lines['L1']->uncontrolled, true];
        yield 'function on purpose' => [
            new Sequence('both', [new StateOnPurpose('F5'), new StateOnPurpose('F5', false)]),
            static fn(Board $b) => $b->functions['F5']->servesNoLine,
            false,
        ];
        yield 'channel on purpose' => [new StateOnPurpose('C3'), static fn(Board $b) => $b->channels['C3']->cappedOnPurpose, true];
        yield 'status light' => [
            new AddSurface('L1', SurfaceKind::StatusLight),
            static fn(Board $b) => $b->functions['F13']->kind,
            FunctionKind::StatusLed,
        ];
        yield 'copy of a line shares its channels, not its codes' => [
            new DuplicateLine('L1', 'Lamp B'),
            static fn(Board $b) => array_map(
                static fn($surface): array => [$surface->kind->value, $surface->channel, $surface->code],
                array_values($b->lines['L5']->surfaces),
            ),
            [
                ['wall switch', null, null],
                ['infrared key', null, null],
                ['serial radio', 'C1', null],
                ['network topic', 'C2', null],
                ['service entry', 'C3', null],
                ['spoken name', 'C4', null],
            ],
        ];
        yield 'switch made a button keeps what it means' => [
            new Sequence('both', [new TellSurface('S1', Operation::Toggle), new ChangeFunctionKind('F3', FunctionKind::Button)]),
            static fn(Board $b) => [$b->lines['L1']->surfaces['S1']->kind, $b->lines['L1']->surfaces['S1']->operation],
            [SurfaceKind::PushButton, Operation::Toggle],
        ];
    }

    /**
     * @param \Closure(Board): mixed $read
     */
    #[DataProvider('simple')]
    public function testEachEditDoesOneThingAndSurvivesTheFile(Edit $edit, \Closure $read, mixed $expected): void
    {
        $board = TestBoards::operatedInManyWays();
        $edited = $edit->apply($board);
        self::assertEquals($expected, $read($edited));
        self::assertNotSame('', $edit->summary($board));
        $json = BoardJson::write($edited);
        self::assertSame($json, BoardJson::write(BoardJson::read($json)));
        self::assertEquals(
            $edit,
            RecordReader::forFiles()->read(Edit::class, RecordWriter::writeVariant(Edit::class, $edit)),
            'Kept with its revision.',
        );
    }

    /**
     * @return iterable<string, array{Edit, string}>
     */
    public static function refused(): iterable
    {
        yield 'topic without a channel' => [new AddSurface('L1', SurfaceKind::NetworkTopic), 'Add the channel on Controls'];
        yield 'knob without a selector' => [new AddSurface('L1', SurfaceKind::Knob), 'add one on Pins first'];
        yield 'no line' => [new PutOnChannel('C1', []), 'Choose at least one line'];
        yield 'channel that is gone' => [new PutOnChannel('C9', ['L1']), 'is not on this board any more'];
        yield 'voice cannot toggle' => [new TellSurface('S18', Operation::Toggle), 'It can say: on and off, percentage'];
        yield 'two rows in a name' => [new TellSurface('S11', address: "a\nb"), 'on one line'];
        yield 'code on a topic' => [new AssignCode('S11', 'FF'), 'takes no infrared code'];
        yield 'a word for a code' => [new AssignCode('S5', 'lamp'), 'Write it in hexadecimal'];
        yield 'group of one' => [new AddLineGroup(LineGroupKind::Room, 'Bath', ['L1']), 'at least two lines'];
        yield 'group that is gone' => [new RemoveLineGroup('K9'), 'Look at the newest revision'];
        yield 'percentages of a lamp' => [new SetThresholds('S1', [50]), 'has no steps'];
        yield 'a stagger of an hour' => [new StateStagger(3600.0), 'within 0 to 60 s'];
        yield 'a beginning at 300 %' => [new SetThresholds('S3', [300]), 'between 0 and 100 %'];
    }

    #[DataProvider('refused')]
    public function testWhatCannotBeIsRefusedInWords(Edit $edit, string $words): void
    {
        try {
            $edit->apply(TestBoards::operatedInManyWays());
            self::fail('It was made.');
        } catch (EditRefused|\InvalidArgumentException $refused) {
            self::assertStringContainsString($words, $refused->getMessage());
        }
    }
}
