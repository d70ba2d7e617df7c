<?php

declare(strict_types=1);

namespace IronLatch\Tests\Web;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Controller\FitExpander;
use IronLatch\Core\Board\Edit\Controller\StateFirmware;
use IronLatch\Core\Board\Edit\Controls\AddGroupKey;
use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Drivers\DriveByModule;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\Edit\Functions\AttachDevice;
use IronLatch\Core\Board\Edit\House\AddPlace;
use IronLatch\Core\Board\Edit\House\RunHouseCable;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Lines\AddLineGroup;
use IronLatch\Core\Board\Edit\Lines\MakeTwoWay;
use IronLatch\Core\Board\Edit\Lines\SenseState;
use IronLatch\Core\Board\Edit\Power\AddConvertedRail;
use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\AddScenario;
use IronLatch\Core\Board\Edit\Power\ProtectRail;
use IronLatch\Core\Board\Edit\Relays\AddDirection;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Board\FirmwareFacts;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Converter;
use IronLatch\Core\Catalogue\Device;
use IronLatch\Core\Catalogue\Expander;
use IronLatch\Core\Catalogue\OptoCoupler;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Catalogue\Protection;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Exchange\BoardFileFault;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Tests\Support\EveryAddress;
use IronLatch\Tests\Support\RandomEdits;
use IronLatch\Tests\Support\Sample;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\Group;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Edits of every kind in any order: each is refused in words, or makes a board that is written, read back the same, inspected, and
 * now and then looked at in every view. The same seeds always give the same edits.
 */
#[Group('properties')]
final class RandomEditsTest extends BoardTestCase
{
    private const EDITS_A_BOARD = 250;

    public function testNoEditMakesABoardThatCannotBeKeptOrShown(): void
    {
        $made = [];
        $count = 0;
        $faults = [];
        foreach (range(1, Sample::size(3, 24)) as $seed) {
            $dice = new Randomizer(new Mt19937($seed));
            $edits = new RandomEdits($dice);
            $board = [
                self::rich(...),
                TestBoards::sound(...),
                TestBoards::bare(...),
                static fn(): Board => TestBoards::bare('esp32-module', 'esp32'),
            ][$seed % 4]();
            for ($number = 1; $number <= self::EDITS_A_BOARD; ++$number, ++$count) {
                $classes = RandomEdits::classes();
                // Those that were never made come first; what takes away comes seldom, or nothing is left.
                $open = array_values(array_diff($classes, array_keys($made)));
                $class = $dice->getInt(0, 2) > 0 && [] !== $open
                    ? $open[$dice->getInt(0, count($open) - 1)]
                    : $classes[$dice->getInt(0, count($classes) - 1)];
                if (str_contains($class, '\Remove') && $dice->getInt(0, 3) > 0) {
                    continue;
                }
                try {
                    $board = $this->after($edits->drawn($class, $board), $board) ?? throw new EditRefused('Nothing was drawn.');
                    $made[$class] = ($made[$class] ?? 0) + 1;
                } catch (EditRefused|\InvalidArgumentException|BoardFileFault $refused) {
                    self::assertNotSame('', $refused->getMessage());
                } catch (\Throwable $fault) {
                    $faults[mb_substr($fault->getMessage(), 0, 200)] = sprintf(
                        'seed %d, %s, %s:%d',
                        $seed,
                        $class,
                        basename($fault->getFile()),
                        $fault->getLine(),
                    );
                }
                if (0 === $number % 100) {
                    $faults += $this->shown($board, $seed . ' after ' . $number);
                }
            }
        }
        self::assertSame([], $faults);
        self::assertGreaterThan(Sample::size(700, 4900), $count);
        self::assertSame([], $this->neverMade(array_values(array_diff(RandomEdits::classes(), array_keys($made)))));
    }

    /**
     * Each kind of edit is made at least once: those that the dice left out are drawn until one can be made.
     *
     * @param list<class-string<Edit>> $classes
     * @return list<class-string<Edit>> that were not made even so
     */
    private function neverMade(array $classes): array
    {
        $edits = new RandomEdits(new Randomizer(new Mt19937(15)));
        $boards = [self::rich(), TestBoards::bare('esp32-module', 'esp32')];

        return array_values(array_filter($classes, function (string $class) use ($edits, $boards): bool {
            for ($number = 0; $number < 2000; ++$number) {
                $board = $boards[$number % 2];
                try {
                    if (null !== $this->after($edits->drawn($class, $board), $board)) {
                        return false;
                    }
                } catch (EditRefused|\InvalidArgumentException|BoardFileFault) {
                    // Not this one.
                }
            }

            return true;
        }));
    }

    /** With one of nearly everything that an edit can be about. */
    private static function rich(): Board
    {
        $supply = static fn(string $id): Supply => TestBoards::part($id, Supply::class);

        return TestBoards::edited(
            TestBoards::operatedInManyWays(),
            new AddFunction(FunctionKind::ZeroCross, 'Zero crossing'),
            new AddFunction(FunctionKind::OneWireSensor, 'Air'),
            new AddSurface('L1', SurfaceKind::SensorRule, 'F14'),
            new AddLine('Valve', TestBoards::part('shut-off-valve', Appliance::class)),
            new AddRail('12 V', $supply('adapter-12v-1a')),
            new ChooseRelay(['A1'], TestBoards::part('bistable-5v-two', Relay::class)),
            new AddConvertedRail('Logic', TestBoards::part('reg-7805', Converter::class), 'R2'),
            new AddScenario('Evening', ['L1'], true),
            new AddGroup(GroupKind::I2c, 'Bus'),
            new DriveByModule(['A2'], TestBoards::part('opto-module-jumper', OptoModule::class)),
            new AttachDevice(TestBoards::part('small-display', Device::class), 'Display', 'R1'),
            new ProtectRail('R2', TestBoards::part('tvs-15v', Protection::class)),
            new FitExpander(TestBoards::part('mcp23017', Expander::class), 'R1'),
            new MakeTwoWay('L2', 2),
            new AddDirection('L4'),
            new AddPlace('Hall'),
            new RunHouseCable('H2', 'H1'),
            new SenseState('L2', TestBoards::part('pc817', OptoCoupler::class)),
            new AddFunction(FunctionKind::StatusLed, 'State'),
            new AddLineGroup(LineGroupKind::Scene, 'Evening', ['L1', 'L2']),
            new AddGroupKey('K1', SurfaceKind::PushButton),
            new AddGroupKey('K3', SurfaceKind::InfraredKey),
            new StateFirmware(new FirmwareFacts('core 3.0.7')),
        );
    }

    private function after(?Edit $edit, Board $board): ?Board
    {
        $after = $edit?->apply($board);
        if (null === $edit || null === $after) {
            return null;
        }
        self::assertNotSame('', $edit->summary($board));
        $document = BoardJson::write($after);
        $read = BoardJson::readBack($document);
        self::assertSame($document, BoardJson::write($read));
        Inspector::withRuleBook()->inspect(new Inspection($read, TestBoards::catalogue()));

        return $read;
    }

    /**
     * @return array<string, string>
     */
    private function shown(Board $board, string $where): array
    {
        $faults = [];
        $opened = $this->shelved($board);
        $this->browser->catchExceptions(false);
        foreach (array_merge(...array_values(EveryAddress::of($board, TestBoards::inspect($board)))) as $place => $address) {
            if (0 !== $place % Sample::size(6, 1) || str_contains($address, 'netlist')) {
                continue;
            }
            try {
                $this->browser->request('GET', '/boards/' . $opened->record->id() . '/' . $address);
            } catch (\Throwable $fault) {
                $faults[mb_substr($fault->getMessage(), 0, 200)] = $where . ', ' . $address;
            }
        }

        return $faults;
    }
}
