<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Board;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Controller\RecordTriedSet;
use IronLatch\Core\Board\Edit\Controller\StateFirmware;
use IronLatch\Core\Board\Edit\Controls\AddChannel;
use IronLatch\Core\Board\Edit\Controls\AddGroupKey;
use IronLatch\Core\Board\Edit\Controls\AssignCode;
use IronLatch\Core\Board\Edit\Controls\ChangeChannel;
use IronLatch\Core\Board\Edit\Controls\ChangeGroupKey;
use IronLatch\Core\Board\Edit\Controls\HandOn;
use IronLatch\Core\Board\Edit\Controls\RemoveChannel;
use IronLatch\Core\Board\Edit\Controls\RemoveGroupKey;
use IronLatch\Core\Board\Edit\Controls\SetAnnouncement;
use IronLatch\Core\Board\Edit\Controls\StateReading;
use IronLatch\Core\Board\Edit\Controls\StateTier;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Functions\RemoveFunction;
use IronLatch\Core\Board\Edit\Functions\StateLamp;
use IronLatch\Core\Board\Edit\Lines\AddLineGroup;
use IronLatch\Core\Board\Edit\Lines\ChangeLineGroup;
use IronLatch\Core\Board\Edit\Lines\RemoveLine;
use IronLatch\Core\Board\Edit\Lines\SetScene;
use IronLatch\Core\Board\Edit\Lines\StateShownAs;
use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\RemoveRail;
use IronLatch\Core\Board\FirmwareFacts;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\GroupKey;
use IronLatch\Core\Board\LampColour;
use IronLatch\Core\Board\LampTells;
use IronLatch\Core\Board\LineEnding;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Board\LinkKind;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Catalogue\ShownKind;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Exchange\BoardFileFault;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Hops, keys of groups, scenes, lamps, prices and texts: what can be said of them, and what is refused in words. */
final class ControlsEditsTest extends TestCase
{
    private static function night(): Board
    {
        return TestBoards::edited(
            TestBoards::sound(),
            new AddLineGroup(LineGroupKind::Chosen, 'Night', ['L1', 'L2'], [], false),
            new AddLineGroup(LineGroupKind::Scene, 'Evening', ['L1', 'L2']),
            new AddChannel(Starts::profile('serial-radio-text'), 'Radio'),
            new AddChannel(Starts::profile('message-broker'), 'Broker'),
            new AddChannel(Starts::profile('pin-service-chip'), 'Pins'),
            new AddChannel(Starts::profile('rule-service'), 'Rules'),
            new AddFunction(FunctionKind::StatusLed, 'State'),
            new AddFunction(FunctionKind::Buzzer, 'Sound'),
        );
    }

    /**
     * @return iterable<string, array{Edit, string}>
     */
    public static function refused(): iterable
    {
        yield 'a broker hands on' => [
            new HandOn('C2', 'C1'),
            '“Broker” gives its commands to no other hop: it reaches the board itself. Choose another profile for it, or none behind it.',
        ];
        yield 'a rule service reaches the board' => [
            new HandOn('C4'),
            '“Rules” cannot reach a board by itself. Choose the hop that it hands on to.',
        ];
        yield 'rules write pins' => [new HandOn('C4', 'C3'), '“Pins” writes pins, which no rule can do from outside. Choose another hop.'];
        yield 'a hop that is not there' => [
            new HandOn('C4', 'C9'),
            'The channel C9 is not on this board any more. Look at the newest revision.',
        ];
        yield 'a price in the house' => [
            new StateTier('C2', eurosPerMonth: 1.0),
            '“Broker” is in the house and asks for no account, so it has no price.',
        ];
        yield 'nothing of a price' => [new StateTier('C3'), 'Nothing was stated. Fill in at least one of the fields.'];
        yield 'a day that is none' => [new StateTier('C3', seenOn: '2026-02-30'), '“2026-02-30” is no day. Write it as 2026-03-14.'];
        yield 'more places than there can be' => [
            new StateTier('C3', entries: 1001),
            'A service takes up to 1000 entries; write 0 for no limit.',
        ];
        yield 'texts of a broker' => [new StateReading('C2', LineEnding::LineFeed), '“Broker” carries no text commands.'];
        yield 'pins of a broker' => [
            new ChangeChannel('C2', link: LinkKind::Inside),
            'Only a serial radio is joined by pins or inside the controller.',
        ];
        yield 'announcement of a radio' => [
            new SetAnnouncement('C1', here: 'yes'),
            'Nothing is announced on “Radio”: only a broker keeps such a message for whoever comes later.',
        ];
        yield 'a knob for a group' => [
            new AddGroupKey('K1', SurfaceKind::Knob),
            'A knob acts on no group: choose a push button, a wall switch or an infrared key.',
        ];
        yield 'a wall switch that flips a group' => [
            new AddGroupKey('K1', SurfaceKind::WallSwitch, Operation::Toggle),
            'A wall switch on a group cannot mean “toggle”.',
        ];
        yield 'a switch as a button' => [
            new AddGroupKey('K1', SurfaceKind::PushButton, sharedFunction: 'F3'),
            '“Lamp wall switch” is a maintained switch and cannot serve as a push button.',
        ];
        yield 'a scene of what is none' => [new SetScene('K1', ['L1']), '“Night” is no scene: all of its lines do the same.'];
        yield 'a scene with a strange line' => [
            new SetScene('K2', ['L9']),
            'A scene puts only lines of its own on. Add the line to “Evening” first.',
        ];
        yield 'a key that is not there' => [
            new ChangeGroupKey('S9', Operation::Off),
            'This key is not on the board any more. Look at the newest revision.',
        ];
        yield 'a group on a service that writes pins' => [
            new ChangeLineGroup('K1', 'Night', ['L1', 'L2'], ['C3'], false),
            '“Pins” writes a level to one pin at a time, past the program, so it knows no group. Let a key or another channel '
                . 'act on the group.',
        ];
        yield 'a resistor of a buzzer' => [new StateLamp('F7', ohms: 100.0), 'A buzzer has no colour and no resistor of its own.'];
        yield 'a lamp that is a switch' => [new StateLamp('F3', ohms: 100.0), '“Lamp wall switch” is no lamp and no buzzer.'];
        yield 'a lamp on no rail' => [
            new StateLamp('F6', LampColour::Red, rail: 'R9'),
            'The rail R9 is not on this board any more. Look at the newest revision.',
        ];
        yield 'kind of no line' => [new StateShownAs([], ShownKind::Fan), 'Choose at least one line.'];
        yield 'a room of a novel' => [new StateShownAs(['L1'], room: str_repeat('r', 61)), 'The name of a room has at most 60 characters.'];
        yield 'a set without a name' => [
            new RecordTriedSet('2026-03-14'),
            'State the package and its version first: what was tried must be named.',
        ];
    }

    #[DataProvider('refused')]
    public function testWhatCannotBeIsRefusedInWords(Edit $edit, string $words): void
    {
        $board = self::night();
        try {
            $edit->apply($board);
            self::fail('It was taken.');
        } catch (EditRefused|\InvalidArgumentException $refused) {
            self::assertSame($words, $refused->getMessage());
        }
    }

    public function testAKeyOfAGroupBringsItsInputAndTakesItAway(): void
    {
        $board = TestBoards::edited(
            self::night(),
            new AddGroupKey('K1', SurfaceKind::PushButton),
            new AddGroupKey('K2', SurfaceKind::InfraredKey),
            new AddGroupKey('K2', SurfaceKind::InfraredKey, Operation::Off),
            new AddGroupKey('K1', SurfaceKind::WallSwitch, sharedFunction: 'F3'),
            new AssignCode('S4', '0x0bf430cf'),
            new ChangeGroupKey('S5', Operation::StepDown),
        );
        self::assertSame(
            [
                'S3' => ['push button', 'F8', 'off only', null],
                'S4' => ['infrared key', 'F9', 'scene', '0x0BF430CF'],
                'S5' => ['infrared key', 'F9', 'one step down', null],
                'S6' => ['wall switch', 'F3', 'on and off', null],
            ],
            self::keys($board),
        );
        self::assertSame(['Night push button', 'Infrared receiver'], [$board->functions['F8']->name, $board->functions['F9']->name]);
        self::assertSame('Evening, infrared key, scene', $board->nameOf('S4'));
        $written = BoardJson::write($board);
        self::assertSame($written, BoardJson::write(BoardJson::read($written)));
        $without = (new RemoveGroupKey('S3'))->apply($board);
        self::assertArrayNotHasKey('F8', $without->functions);
        $one = (new RemoveGroupKey('S4'))->apply($board);
        self::assertArrayHasKey('F9', $one->functions, 'The other key still needs the receiver.');
        self::assertSame(['S3', 'S6'], array_keys(self::keys((new RemoveFunction('F9'))->apply($board))));
    }

    /**
     * @return array<string, array{string, string, string, ?string}>
     */
    private static function keys(Board $board): array
    {
        $keys = array_merge(...array_map(static fn($group): array => $group->keys, array_values($board->lineGroups)));
        ksort($keys);

        return array_map(
            static fn(GroupKey $key): array => [$key->kind->value, $key->function, $key->operation->value, $key->code?->printed()],
            $keys,
        );
    }

    public function testALineThatGoesLeavesItsScene(): void
    {
        $board = (new SetScene('K2', ['L1', 'L2']))->apply(self::night());
        self::assertSame(['L1', 'L2'], $board->lineGroups['K2']->startable());
        self::assertSame([], $board->lineGroups['K1']->startable());
        $left = (new RemoveLine('L1'))->apply($board);
        self::assertSame([['L2'], ['L2']], [$left->lineGroups['K2']->lines, $left->lineGroups['K2']->lit]);
        self::assertSame(['L2'], (new ChangeLineGroup('K2', 'Evening', ['L2']))->apply($board)->lineGroups['K2']->lit);
        $toggled = (new AddGroupKey('K1', SurfaceKind::PushButton, Operation::Toggle))->apply(self::night());
        self::assertSame(['L1', 'L2'], $toggled->lineGroups['K1']->startable());
    }

    public function testAChannelThatGoesLeavesThoseBeforeItAtTheBoard(): void
    {
        $board = TestBoards::edited(self::night(), new HandOn('C4', 'C2'));
        self::assertSame('C2', $board->channels['C4']->via);
        self::assertNull((new RemoveChannel('C2'))->apply($board)->channels['C4']->via);
        self::assertSame('“Rules” hands on to “Broker”', (new HandOn('C4', 'C2'))->summary($board));
    }

    public function testALampIsStatedPieceByPiece(): void
    {
        $board = TestBoards::edited(
            self::night(),
            new AddRail('12 V', TestBoards::part('module-12v-10w', Supply::class)),
            new StateLamp('F6', LampColour::Blue, 1e3, 'R2', LampTells::Connected),
        );
        $lamp = $board->functions['F6']->lamp;
        self::assertNotNull($lamp);
        self::assertSame([LampColour::Blue, 1e3, 'R2', 'low'], [
            $lamp->colour,
            $lamp->ohms?->value,
            $lamp->rail,
            $lamp->litLevel()->value,
        ]);
        self::assertSame(LampTells::Connected, $board->functions['F6']->tells);
        $moved = (new StateLamp('F6', rail: 'pin'))->apply($board)->functions['F6']->lamp;
        self::assertSame([null, 1e3, 'high'], [$moved?->rail, $moved?->ohms?->value, $moved?->litLevel()->value]);
        $this->expectExceptionMessage('The rail 12 V still feeds something');
        (new RemoveRail('R2'))->apply($board);
    }

    /** Nobody who says only what a lamp tells has said its colour, nor who says only its resistor. */
    public function testNothingIsStatedOfALampThatNobodySaid(): void
    {
        $told = (new StateLamp('F6', rail: 'pin', tells: LampTells::Connected))->apply(self::night());
        self::assertNull($told->functions['F6']->lamp);
        $lamp = (new StateLamp('F6', ohms: 680.0, rail: 'pin'))->apply($told)->functions['F6']->lamp;
        self::assertSame([null, 680.0, null], [$lamp?->colour, $lamp?->ohms?->value, $lamp?->rail]);
    }

    public function testWhatIsSaidOfAChannelStaysWhenMoreIsSaid(): void
    {
        $board = TestBoards::edited(
            self::night(),
            new StateTier('C3', 'free', 2, 0.0, '2026-03-14', 'all'),
            new StateTier('C3', eurosPerMonth: 3.5),
            new ChangeChannel('C3', region: 'Asia', repeated: true),
            new StateReading('C1', LineEnding::Either),
            new StateReading('C1', trims: false, ignoresCase: true),
            new SetAnnouncement('C2', here: 'up'),
            new StateShownAs(['L1', 'L2'], ShownKind::Plug, ' Hall '),
            new StateShownAs(['L2'], ShownKind::Heater),
        );
        $tier = $board->channels['C3']->tier;
        self::assertSame(['free', 2, 3.5, '2026-03-14', 'all'], [
            $tier?->name, $tier?->entries, $tier?->eurosPerMonth, $tier?->seenOn, $tier?->fallsAway,
        ]);
        self::assertSame(['Asia', true], [$board->channels['C3']->region, $board->channels['C3']->repeated]);
        $reading = $board->channels['C1']->reading;
        self::assertSame([LineEnding::Either, true, false], [$reading?->ending, $reading?->ignoresCase, $reading?->trims]);
        self::assertSame(['up', 'offline'], [$board->channels['C2']->announcement?->here, $board->channels['C2']->announcement?->gone]);
        self::assertNull((new SetAnnouncement('C2'))->apply($board)->channels['C2']->announcement);
        self::assertSame([ShownKind::Plug, 'Hall', ShownKind::Heater, 'Hall'], [
            $board->lines['L1']->shownAs, $board->lines['L1']->room, $board->lines['L2']->shownAs, $board->lines['L2']->room,
        ]);
        self::assertSame('', (new StateShownAs(['L1'], ownRoomNoMore: true))->apply($board)->lines['L1']->room);
    }

    public function testASetThatWasTriedKeepsItsVersions(): void
    {
        $board = TestBoards::edited(
            TestBoards::sound(),
            new StateFirmware(new FirmwareFacts('core 3.0.7')),
            new RecordTriedSet(' 2024-02-29 ', false, 'loops'),
        );
        $set = $board->program->firmware?->tried[0];
        self::assertSame(['2024-02-29', 'core 3.0.7', false, 'loops'], [$set?->day, $set?->boardPackage, $set?->works, $set?->note]);
        $this->expectExceptionMessage('“2025-02-29” is no day. Write it as 2026-03-14.');
        (new RecordTriedSet('2025-02-29'))->apply($board);
    }

    /**
     * @return iterable<string, array{array<string, mixed>, string}> what is written over, and what is said of it
     */
    public static function brokenFiles(): iterable
    {
        $key = static fn(string $function): array => ['kind' => 'push button', 'function' => $function, 'operation' => 'off only'];
        yield 'a way in a circle' => [
            ['channels' => ['C1' => ['via' => 'C2'], 'C2' => ['via' => 'C1']]],
            'hands on to itself in the end',
        ];
        yield 'a way to nowhere' => [
            ['channels' => ['C1' => ['via' => 'C9']]],
            'hands on to “C9”, which is no channel of the board',
        ];
        yield 'a lamp on no rail' => [
            ['functions' => ['F6' => ['lamp' => ['rail' => 'R9']]]],
            'is fed from the rail “R9”, which is not on the board',
        ];
        yield 'a key on a switch' => [
            ['lineGroups' => ['K1' => ['keys' => ['S3' => $key('F3')]]], 'lastIds' => ['S' => 3]],
            'is a push button, and “Lamp wall switch” is a maintained switch',
        ];
        yield 'a key with the id of a surface' => [
            ['lineGroups' => ['K1' => ['keys' => ['S1' => $key('F4')]]]],
            'The id “S1” is used twice',
        ];
        yield 'a key beyond the counter' => [
            ['lineGroups' => ['K1' => ['keys' => ['S9' => $key('F4')]]]],
            'lies beyond the counter lastIds.S',
        ];
        yield 'a scene with a strange line' => [['lineGroups' => ['K2' => ['lit' => ['L9']]]], 'puts a line on that is none of its own'];
    }

    /**
     * @param array<string, mixed> $over
     */
    #[DataProvider('brokenFiles')]
    public function testAFileThatPointsNowhereIsRefused(array $over, string $words): void
    {
        $data = json_decode(BoardJson::write((new SetScene('K2', ['L1']))->apply(self::night())), true, flags: JSON_THROW_ON_ERROR);
        self::assertIsArray($data);
        $this->expectException(BoardFileFault::class);
        $this->expectExceptionMessage($words);
        BoardJson::read(json_encode(array_replace_recursive($data, $over), JSON_THROW_ON_ERROR));
    }
}
