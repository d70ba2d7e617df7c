<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Exchange;

use IronLatch\Core\Board\BuildFacts;
use IronLatch\Core\Board\HousePlace;
use IronLatch\Core\Board\OutputOrder;
use IronLatch\Core\Board\OvervoltageCategory;
use IronLatch\Core\Board\PlaceKind;
use IronLatch\Core\Board\PollutionDegree;
use IronLatch\Core\Board\WiringFacts;
use IronLatch\Core\Exchange\BoardFileFault;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Core\Wiring\Connections;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A file of each older version stays here and must be read for good, with what its maker said. */
final class OlderFilesTest extends TestCase
{
    public function testAFileOfVersionOneKeepsItsMeaning(): void
    {
        $board = BoardJson::read((string) file_get_contents(__DIR__ . '/files/utility-room-version-1.json'));
        self::assertCount(6, $board->lines);
        $box = $board->box;
        self::assertNotNull($box);
        // “Enclosure on a rail” stood for category III and degree 2; 8 mm and 10 mm were typed in, not measured.
        self::assertSame([OvervoltageCategory::Fixed, true], [$box->overvoltage?->value, $box->overvoltage?->isStated()]);
        self::assertSame([PollutionDegree::Clean, true], [$box->pollution?->value, $box->pollution?->isStated()]);
        self::assertSame([8e-3, true], [$box->clearanceMetres?->value, $box->clearanceMetres?->isTarget()]);
        self::assertSame([10e-3, true], [$box->creepageMetres?->value, $box->creepageMetres?->isTarget()]);
        self::assertNull($box->seal, 'Nobody has said anything of a seal.');
        $written = BoardJson::write($board);
        self::assertSame($written, BoardJson::write(BoardJson::read($written)));
    }

    public function testAFileOfVersionTwoHasItsControllerAndItsProgramInSections(): void
    {
        $board = BoardJson::read((string) file_get_contents(__DIR__ . '/files/utility-room-version-2.json'));
        self::assertSame(['esp32-carrier-38', 'R1', '', false], [
            $board->mcu->carrier,
            $board->mcu->rail,
            $board->mcu->entry,
            $board->mcu->printConfirmed,
        ]);
        self::assertSame([false, true], [$board->mcu->innerMemory?->value, $board->mcu->innerMemory?->isStated()]);
        self::assertSame([true, false], [$board->program->radioUsed->value, $board->program->radioUsed->isStated()]);
        self::assertSame([0.3, OutputOrder::LevelFirst], [$board->program->staggerSeconds?->value, $board->program->outputOrder->value]);
        self::assertSame('38-pin carrier', $board->program->firmware?->boardType);
    }

    /** Every channel reached the board itself; of lamps, rooms and prices nobody had said anything. */
    public function testAFileOfVersionSevenReachesTheBoardByEachOfItsChannels(): void
    {
        $file = (string) file_get_contents(__DIR__ . '/files/utility-room-version-7.json');
        $board = BoardJson::read($file);
        self::assertSame(
            ['House broker', 'Voice'],
            array_values(array_map(static fn($channel): string => $channel->name, $board->channels)),
        );
        foreach ($board->channels as $channel) {
            self::assertSame([null, null, null, ''], [$channel->via, $channel->link, $channel->tier, $channel->region]);
        }
        self::assertSame([], array_filter($board->lineGroups, static fn($group): bool => [] !== $group->keys));
        $data = json_decode($file, true, flags: JSON_THROW_ON_ERROR);
        self::assertIsArray($data);
        $data = array_replace_recursive($data, ['channels' => ['C2' => ['via' => 'C1']]]);
        $this->expectException(BoardFileFault::class);
        $this->expectExceptionMessage('channels.C2.via');
        BoardJson::read(json_encode($data, JSON_THROW_ON_ERROR));
    }

    /** Of the wiring nobody had chosen anything: it is done as is usual. */
    public function testAFileOfVersionFourIsWiredAsIsUsual(): void
    {
        $file = (string) file_get_contents(__DIR__ . '/files/utility-room-version-4.json');
        $board = BoardJson::read($file);
        self::assertEquals(new WiringFacts(), $board->wiring);
        self::assertCount(175, Connections::of($board)->wires, 'With pads of its parts unknown too.');
        $data = json_decode($file, true);
        self::assertIsArray($data);
        $this->expectException(BoardFileFault::class);
        $this->expectExceptionMessage('a file of version 4 has no such key');
        BoardJson::read(json_encode([...$data, 'wiring' => ['order' => []]], JSON_THROW_ON_ERROR));
    }

    /** Of what it is wanted for nobody had said anything. */
    public function testAFileOfVersionSixHasNoBriefYet(): void
    {
        $file = (string) file_get_contents(__DIR__ . '/files/utility-room-version-6.json');
        self::assertNull(BoardJson::read($file)->brief);
        $data = json_decode($file, true);
        self::assertIsArray($data);
        $this->expectException(BoardFileFault::class);
        $this->expectExceptionMessage('a file of version 6 has no such key');
        BoardJson::read(json_encode([...$data, 'brief' => ['appliances' => []]], JSON_THROW_ON_ERROR));
    }

    /**
     * Of hops, keys of groups, lamps and sets that were tried nobody had said anything; said there, it is refused at its place.
     *
     * @param list<string> $steps
     */
    #[TestWith([['channels', 'C1', 'via']])]
    #[TestWith([['lines', 'L1', 'room']])]
    #[TestWith([['lineGroups', 'K1', 'keys']])]
    #[TestWith([['functions', 'F1', 'lamp']])]
    #[TestWith([['program', 'firmware', 'tried']])]
    public function testAFileOfVersionSevenSaysNothingOfHops(array $steps): void
    {
        $data = json_decode((string) file_get_contents(__DIR__ . '/files/utility-room-version-7.json'), true);
        self::assertIsArray($data);
        [$section, $id, $key] = $steps;
        $more = array_replace_recursive($data, [$section => [$id => [$key => []]]]);
        $this->expectException(BoardFileFault::class);
        $this->expectExceptionMessage('At ' . implode('.', $steps) . ': a file of version 7 has no such key.');
        BoardJson::read(json_encode($more, JSON_THROW_ON_ERROR));
    }

    /**
     * Of memory, watchdogs and switches that were moved in the dark nobody had said anything.
     *
     * @param list<string> $steps
     */
    #[TestWith([['program', 'keptAfterSeconds']])]
    #[TestWith([['program', 'watchdogSeconds']])]
    #[TestWith([['lines', 'L1', 'safety', 'switchAtStart']])]
    public function testAFileOfVersionEightSaysNothingOfTheProgramsUpkeep(array $steps): void
    {
        $file = (string) file_get_contents(__DIR__ . '/files/utility-room-version-8.json');
        $board = BoardJson::read($file);
        self::assertSame(
            [null, null, null],
            [$board->program->keptAfterSeconds, $board->program->watchdogSeconds, $board->lines['L1']->safety?->switchAtStart],
        );
        $data = json_decode($file, true);
        self::assertIsArray($data);
        $more = ['stated' => '1 s'];
        foreach (array_reverse($steps) as $step) {
            $more = [$step => $more];
        }
        $this->expectException(BoardFileFault::class);
        $this->expectExceptionMessage('At ' . implode('.', $steps) . ': a file of version 8 has no such key.');
        BoardJson::read(json_encode(array_replace_recursive($data, $more), JSON_THROW_ON_ERROR));
    }

    /** Of how it is built nobody had said anything. */
    public function testAFileOfVersionFiveIsBuiltInNoFormYet(): void
    {
        $file = (string) file_get_contents(__DIR__ . '/files/utility-room-version-5.json');
        self::assertEquals(new BuildFacts(), BoardJson::read($file)->build);
        $data = json_decode($file, true);
        self::assertIsArray($data);
        $this->expectException(BoardFileFault::class);
        $this->expectExceptionMessage('a file of version 5 has no such key');
        BoardJson::read(json_encode([...$data, 'build' => ['places' => []]], JSON_THROW_ON_ERROR));
    }

    /** The board stands where it stood; of the house nobody had said anything, and nothing is made up. */
    public function testAFileOfVersionThreeStandsAtAPlaceOfWhichNothingIsKnown(): void
    {
        $file = (string) file_get_contents(__DIR__ . '/files/utility-room-version-3.json');
        $board = BoardJson::read($file);
        self::assertSame(['H1'], array_keys($board->places));
        self::assertEquals(new HousePlace('The box', PlaceKind::Box), $board->places['H1']);
        self::assertSame([[], 1], [$board->houseCables, $board->lastIds['H']]);
        $data = json_decode($file, true);
        self::assertIsArray($data);
        $this->expectException(BoardFileFault::class);
        $this->expectExceptionMessage('At places: a file of version 3 has no such key.');
        BoardJson::read((string) json_encode([...$data, 'places' => []]));
    }

    /** A section of version 3 in a file of version 2 would be overwritten by what the file says elsewhere. */
    public function testASectionThatVersionTwoDidNotHaveIsRefused(): void
    {
        $data = json_decode((string) file_get_contents(__DIR__ . '/files/utility-room-version-2.json'), true);
        self::assertIsArray($data);
        foreach (['mcu' => ['carrier' => 'uno-r3'], 'program' => []] as $section => $facts) {
            try {
                BoardJson::read((string) json_encode([...$data, $section => $facts]));
                self::fail("“{$section}” was read over.");
            } catch (BoardFileFault $fault) {
                self::assertStringStartsWith("At $section: a file of version 2 has no such key.", $fault->getMessage());
            }
        }
    }
}
