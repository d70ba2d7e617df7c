<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Board;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Controller\ChooseController;
use IronLatch\Core\Board\Edit\Drivers\DriveByModule;
use IronLatch\Core\Board\Edit\Drivers\DriveByTransistor;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Lines\ChooseAppliance;
use IronLatch\Core\Board\Edit\LostFacts;
use IronLatch\Core\Board\Edit\Mains\ChooseMains;
use IronLatch\Core\Board\Edit\Power\ChooseSupply;
use IronLatch\Core\Board\Edit\Power\ConvertRail;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Chip;
use IronLatch\Core\Catalogue\Converter;
use IronLatch\Core\Catalogue\MainsSystem;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Demo\DemoBoards;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

/** Whatever part of a board is replaced by whatever other: what was stated stays, or is named in the summary of the edit. */
final class ReplacedPartsTest extends TestCase
{
    public function testWhatWasStatedStaysOrIsNamed(): void
    {
        $made = $losing = 0;
        foreach ((new DemoBoards(TestBoards::catalogue()))->all() as $board) {
            foreach (self::replacements($board) as $edit) {
                try {
                    $after = $edit->apply($board);
                } catch (EditRefused|\InvalidArgumentException) {
                    continue;
                }
                ++$made;
                $lost = LostFacts::between($board, $after);
                $losing += [] === $lost ? 0 : 1;
                $summary = $edit->summary($board);
                self::assertSame([] !== $lost, str_contains($summary, 'no longer holds: '), $summary);
                foreach (array_slice($lost, 0, 6) as $words) {
                    self::assertStringContainsString($words, $summary);
                }
            }
        }
        self::assertGreaterThan(300, $made);
        self::assertGreaterThan(20, $losing);
    }

    /** The same part chosen anew changes nothing but its facts, which are those of the catalogue here. */
    public function testTheSamePartChosenAnewChangesNothing(): void
    {
        foreach ((new DemoBoards(TestBoards::catalogue()))->all() as $name => $board) {
            foreach ($board->lines as $id => $line) {
                self::assertSame(
                    BoardJson::write($board),
                    BoardJson::write((new ChooseAppliance($id, $board->appliance($line)))->apply($board)),
                    "$name $id",
                );
            }
            foreach ($board->rails as $id => $rail) {
                $supply = $board->source($id);
                if (null !== $supply) {
                    self::assertSame(
                        BoardJson::write($board),
                        BoardJson::write((new ChooseSupply($id, $supply, $rail->throughUsb))->apply($board)),
                        "$name $id",
                    );
                }
            }
            foreach ($board->actuators() as $id => $actuator) {
                if (null !== $actuator->relay) {
                    self::assertSame(
                        BoardJson::write($board),
                        BoardJson::write((new ChooseRelay([$id], $board->part($actuator->relay, Relay::class)))->apply($board)),
                        "$name $id",
                    );
                }
            }
            self::assertSame(
                BoardJson::write($board),
                BoardJson::write((new ChooseController($board->controller()->carrier, $board->controller()->chip))->apply($board)),
                $name,
            );
        }
    }

    public function testSafetyOutlivesAnotherAppliance(): void
    {
        $board = TestBoards::sound();
        $edit = new ChooseAppliance('L2', TestBoards::part('portable-heater', Appliance::class));
        $safety = $edit->apply($board)->lines['L2']->safety;
        self::assertSame(
            [true, true, 'off'],
            [$safety?->earthJoined?->value, $safety?->cutOut?->value, $safety?->restore?->value->value ?? ''],
        );
        self::assertSame('Let “Airer” switch a portable heater', $edit->summary($board));
    }

    public function testWhatGoesWithTheMainsIsNamed(): void
    {
        $edit = new ChooseAppliance('L2', TestBoards::part('shut-off-valve', Appliance::class));
        self::assertSame(
            'Let “Airer” switch a water shut-off valve, 12 V DC; no longer holds: “Airer” conductor (live), “Airer” outlet '
                . '(fixed wiring), “Airer” earth joined (yes)',
            $edit->summary(TestBoards::sound()),
        );
    }

    /**
     * @return iterable<Edit>
     */
    private static function replacements(Board $board): iterable
    {
        $catalogue = TestBoards::catalogue();
        foreach (array_keys($board->lines) as $line) {
            foreach ($catalogue->parts(Appliance::class) as $appliance) {
                yield new ChooseAppliance($line, $appliance);
            }
        }
        foreach (array_keys($board->rails) as $rail) {
            foreach ($catalogue->parts(Supply::class) as $supply) {
                yield new ChooseSupply($rail, $supply);
            }
            foreach ($catalogue->parts(Converter::class) as $converter) {
                yield new ConvertRail($rail, $converter, (string) array_key_last($board->rails));
            }
        }
        $relays = array_keys($board->actuators());
        foreach ($catalogue->parts(Relay::class) as $relay) {
            yield new ChooseRelay($relays, $relay);
        }
        foreach ($catalogue->parts(OptoModule::class) as $module) {
            yield new DriveByModule($relays, $module);
        }
        foreach ($catalogue->parts(Transistor::class) as $transistor) {
            yield new DriveByTransistor($relays, $transistor, 470.0, 10e3);
        }
        foreach ($catalogue->parts(MainsSystem::class) as $mains) {
            yield new ChooseMains($mains);
        }
        foreach ($catalogue->parts(Carrier::class) as $carrier) {
            $chip = $catalogue->part($carrier->chip);
            if ($chip instanceof Chip) {
                yield new ChooseController($carrier, $chip);
            }
        }
    }
}
